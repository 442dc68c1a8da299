package glowkettle.app.format;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import glowkettle.app.binding.Letters;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Papers, each drawn from a template of its own, as PDF or as SVG. */
@Component
public class Papers {
    /** Our type by what it covers; the last has every letter that the others lack. The templates name them in this order. */
    private static final List<String> FAMILIES = List.of("latin", "latin-ext", "others");

    private static final int[] WEIGHTS = {400, 700};

    private final ITemplateEngine templates;

    Papers(ITemplateEngine templates) {
        this.templates = templates;
    }

    public ResponseEntity<byte[]> pdf(String template, Map<String, Object> variables, String fileName) {
        return ResponseEntity.ok()
                .header("Content-Disposition", "inline; filename=\"" + fileName + ".pdf\"")
                .contentType(MediaType.APPLICATION_PDF)
                .body(drawn(template, variables));
    }

    /** A drawing from a template that holds nothing else. */
    public ResponseEntity<String> svg(String template, Map<String, Object> variables, String fileName) {
        return ResponseEntity.ok()
                .header("Content-Disposition", "inline; filename=\"" + fileName + ".svg\"")
                .contentType(new MediaType("image", "svg+xml", StandardCharsets.UTF_8))
                .body(filled(template, variables));
    }

    private String filled(String template, Map<String, Object> variables) {
        Context context = new Context();
        context.setVariables(variables);
        // What was kept before such letters were refused must not fail a paper.
        return Letters.shown(templates.process(template, context));
    }

    private static InputStream font(String family, int weight) {
        return Objects.requireNonNull(
                Papers.class.getResourceAsStream("/pdf-fonts/%s-%s.ttf".formatted(family, weight)),
                () -> "The font %s %s was not built".formatted(family, weight));
    }

    private byte[] drawn(String template, Map<String, Object> variables) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            PdfRendererBuilder pdf = new PdfRendererBuilder();
            for (String family : FAMILIES) {
                for (int weight : WEIGHTS) {
                    pdf.useFont(() -> font(family, weight), family, weight, BaseRendererBuilder.FontStyle.NORMAL, true);
                }
            }
            pdf.withHtmlContent(filled(template, variables), null).toStream(out).run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
