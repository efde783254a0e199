package gurukram.web.sheets;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.slf4j.Slf4jLogger;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/**
 * Pages as PDF. Templates are well-formed, of tables and blocks only, and load nothing; fonts come with the app.
 *
 * <p>A letter that the first font has not is taken from the next one of the list.
 */
@Component
public class Pdf {
    /** Smaller than this nobody reads. */
    private static final double[] SCALES = {1, 0.95, 0.9, 0.85};

    private record Font(String family, String file, int weight) {}

    private static final List<Font> FONTS = List.of(
            new Font("Sans", "source-sans-3-latin-400-normal", 400),
            new Font("Sans", "source-sans-3-latin-700-normal", 700),
            new Font("Sans ext", "source-sans-3-latin-ext-400-normal", 400),
            new Font("Sans ext", "source-sans-3-latin-ext-700-normal", 700),
            new Font("Serif", "gentium-book-plus-latin-400-normal", 400),
            new Font("Serif", "gentium-book-plus-latin-700-normal", 700),
            new Font("Serif ext", "gentium-book-plus-latin-ext-400-normal", 400),
            new Font("Serif ext", "gentium-book-plus-latin-ext-700-normal", 700));

    private final ITemplateEngine templates;

    Pdf(ITemplateEngine templates) {
        this.templates = templates;
        XRLog.setLoggerImpl(new Slf4jLogger());
    }

    public byte[] of(String template, Map<String, Object> model) {
        String page = templates.process("sheets/" + template, new Context(Locale.ENGLISH, model));
        ByteArrayOutputStream pdf = new ByteArrayOutputStream();
        try {
            PdfRendererBuilder builder = new PdfRendererBuilder();
            for (Font font : FONTS)
                builder.useFont(() -> open(font), font.family(), font.weight(), FontStyle.NORMAL, true);
            builder.useSVGDrawer(new BatikSVGDrawer());
            builder.useFastMode();
            // nothing is ever loaded from anywhere
            builder.useUriResolver((base, uri) -> null);
            builder.withHtmlContent(page, null);
            builder.toStream(pdf);
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return pdf.toByteArray();
    }

    /**
     * As large as it can be on one page; on several where it could not be read otherwise.
     *
     * @param template of which every size is multiplied by {@code k}
     */
    byte[] onOnePage(String template, Map<String, Object> model) {
        byte[] largest = null;
        for (double k : SCALES) {
            Map<String, Object> scaled = new HashMap<>(model);
            scaled.put("k", k);
            byte[] pdf = of(template, scaled);
            if (pages(pdf) == 1) return pdf;
            if (largest == null) largest = pdf;
        }
        return largest;
    }

    private static int pages(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static InputStream open(Font font) {
        return Pdf.class.getResourceAsStream("/pdf/fonts/" + font.file() + ".ttf");
    }

    /** A sheet as it is sent. @param name of its file, without the ending */
    public static ResponseEntity<byte[]> answer(String name, byte[] sheet) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CACHE_CONTROL, "no-store")
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(name + ".pdf", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(sheet);
    }
}
