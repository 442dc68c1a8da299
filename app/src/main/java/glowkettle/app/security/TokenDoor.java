package glowkettle.app.security;

import glowkettle.app.binding.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Objects;
import java.util.Optional;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Lets programs in that send {@code Authorization: Bearer <token>} (RFC 6750), to the sums their token is good for. */
final class TokenDoor extends OncePerRequestFilter {
    private static final String BEARER = "bearer ";

    private final AccessTokens tokens;
    private final ProblemWriter problems;

    TokenDoor(AccessTokens tokens, ProblemWriter problems) {
        this.tokens = tokens;
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String sent = Objects.requireNonNullElse(request.getHeader("Authorization"), "");
        if (!sent.regionMatches(true, 0, BEARER, 0, BEARER.length())) {
            chain.doFilter(request, response);
            return;
        }
        Optional<AccessTokens.Holder> holder =
                tokens.holder(sent.substring(BEARER.length()).strip());
        if (holder.isEmpty()) {
            response.setHeader("WWW-Authenticate", "Bearer realm=\"Glow Kettle\", error=\"invalid_token\"");
            problems.write(response, 401, "Not signed in", "This token was withdrawn, or never made.");
            return;
        }
        String stage = holder.get().stage();
        if (stage != null && !request.getRequestURI().startsWith("/api/" + stage + "/")) {
            problems.write(response, 403, "Not with this token", "It is good for /api/%s/ only.".formatted(stage));
            return;
        }
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                holder.get().account(),
                null,
                AuthorityUtils.createAuthorityList("ROLE_" + holder.get().role())));
        SecurityContextHolder.setContext(context);
        chain.doFilter(request, response);
    }
}
