package glowkettle.app.desk;

import glowkettle.app.binding.ProblemWriter;
import glowkettle.app.journal.UnknownJob;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.web.WebAttributes;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RequestMapping;

/** Errors in our look, and as problem+json under {@code /api}; never a stack trace, a number to ask about instead. */
@Controller
@ControllerAdvice
class ErrorPages implements ErrorController {
    private static final Logger LOG = LoggerFactory.getLogger(ErrorPages.class);

    private static final String REASON = ErrorPages.class.getName() + ".reason";

    private final ProblemWriter problems;

    ErrorPages(ProblemWriter problems) {
        this.problems = problems;
    }

    @ExceptionHandler(UnknownJob.class)
    void unknownJob(UnknownJob unknown, HttpServletRequest request, HttpServletResponse response) throws IOException {
        request.setAttribute(REASON, unknown.getMessage() + ".");
        response.sendError(HttpStatus.NOT_FOUND.value());
    }

    /** A form's own address, asked for again: whoever reloads after a refusal wants the page that the form stood on. */
    @ExceptionHandler(HttpRequestMethodNotSupportedException.class)
    String noPage(HttpServletRequest request, HttpRequestMethodNotSupportedException form)
            throws HttpRequestMethodNotSupportedException {
        String address = request.getRequestURI();
        if (!request.getMethod().equals("GET") || address.startsWith("/api/")) {
            throw form;
        }
        int parent = address.lastIndexOf('/');
        return "redirect:" + (parent <= 0 ? "/" : address.substring(0, parent));
    }

    @RequestMapping("/error")
    Object error(HttpServletRequest request, HttpServletResponse response, Model model) {
        Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        // Asked for by hand it is an address like any other, where nothing is.
        HttpStatus status = HttpStatus.resolve(code instanceof Integer number ? number : 404);
        HttpStatus shown = status == null ? HttpStatus.INTERNAL_SERVER_ERROR : status;
        String reason = reason(shown, request);
        if (String.valueOf(request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI))
                .startsWith("/api/")) {
            return ResponseEntity.status(shown)
                    .header("Content-Type", "application/problem+json")
                    .body(problems.problem(shown.value(), shown.getReasonPhrase(), reason, List.of())
                            .toString());
        }
        return page(shown, reason, model, response);
    }

    private static String reason(HttpStatus status, HttpServletRequest request) {
        if (request.getAttribute(REASON) instanceof String known) {
            return known;
        }
        return switch (status) {
            case NOT_FOUND -> "There is nothing at this address.";
            case FORBIDDEN ->
                request.getAttribute(WebAttributes.ACCESS_DENIED_403) instanceof CsrfException
                        ? "Somebody signed in anew in this browser. Nothing was stored: go back and send it again."
                        : "Your role does not allow this.";
            case CONTENT_TOO_LARGE -> "That file is too large: up to 12 MB are taken. Nothing was stored.";
            case METHOD_NOT_ALLOWED, BAD_REQUEST -> "This request cannot be read.";
            default -> failure(request);
        };
    }

    private static String failure(HttpServletRequest request) {
        String ticket = UUID.randomUUID().toString().substring(0, 8);
        LOG.error("Failure {} at {}", ticket, request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI), (Throwable)
                request.getAttribute(RequestDispatcher.ERROR_EXCEPTION));
        return "Something failed here, not at your bench. Nothing was half stored. Ask about number " + ticket + ".";
    }

    public record ErrorView(int status, String reason) {}

    private static String page(HttpStatus status, String reason, Model model, HttpServletResponse response) {
        response.setStatus(status.value());
        model.addAttribute("view", new ErrorView(status.value(), reason));
        return "error";
    }
}
