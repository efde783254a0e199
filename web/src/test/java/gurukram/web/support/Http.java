package gurukram.web.support;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A browser without a screen: keeps cookies, sends the page's token with every form. */
public final class Http {
    private static final Pattern TOKEN = Pattern.compile("name=\"csrf\" content=\"([^\"]+)\"");

    private final String base;
    private final HttpClient client;
    private String token = "";

    /** @param base address without a path: {@code http://localhost:8080} */
    public Http(String base) {
        this(
                base,
                HttpClient.newBuilder()
                        .cookieHandler(new CookieManager())
                        .followRedirects(HttpClient.Redirect.NEVER)
                        .connectTimeout(Duration.ofSeconds(5))
                        .build());
    }

    /** Through a proxy that speaks https. */
    public static Http through(TlsProxy proxy) {
        return new Http(
                "https://localhost:" + proxy.port(),
                HttpClient.newBuilder()
                        .sslContext(proxy.trust())
                        .version(HttpClient.Version.HTTP_1_1)
                        .cookieHandler(new CookieManager())
                        .followRedirects(HttpClient.Redirect.NEVER)
                        .build());
    }

    private Http(String base, HttpClient client) {
        this.base = base;
        this.client = client;
    }

    /** The same browser with the same cookies, at another copy of the app. */
    public Http at(TestApp other) {
        return new Http(other.url(""), client);
    }

    /** The same browser with the same cookies, at another address of this machine. */
    public Http at(String otherBase) {
        Http there = new Http(otherBase, client);
        there.token = token;
        return there;
    }

    public static Http on(TestApp app) {
        return new Http(app.url(""));
    }

    /** Signed in with the password of test teachers. */
    public Http signedIn(String email, String password) {
        get("/sign-in");
        HttpResponse<String> answer = post("/sign-in", "email", email, "password", password);
        if (answer.statusCode() != 302) throw new IllegalStateException("sign-in answered " + answer.statusCode());
        get("/account");
        return this;
    }

    public HttpResponse<String> get(String path, String... headers) {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(base + path)).GET();
        if (headers.length > 0) request.headers(headers);
        return send(request);
    }

    /** Where an answer sends the browser, without the host. */
    public static String location(HttpResponse<String> answer) {
        return URI.create(answer.headers().firstValue("Location").orElseThrow()).getPath();
    }

    /** A form with the token; names and values in turn. */
    public HttpResponse<String> post(String path, String... fields) {
        return send(form(path, fields).header("X-CSRF-TOKEN", token));
    }

    /** Asks for drafts of a steady hatha class for beginners. @param more further fields, names and values in turn @return where they are */
    public String drafted(String peak, int minutes, String... more) {
        return location(draft(peak, minutes, more));
    }

    /** The same with the whole answer. */
    public HttpResponse<String> draft(String peak, int minutes, String... more) {
        List<String> fields = new ArrayList<>(List.of("peak", peak, "minutes", String.valueOf(minutes)));
        fields.addAll(List.of("style", "HATHA", "level", "BEGINNER", "first", "RIGHT", "flavour", "STEADY"));
        fields.addAll(List.of(more));
        return post("/drafts", fields.toArray(String[]::new));
    }

    /** The same as htmx sends it. */
    public HttpResponse<String> htmx(String path, String... fields) {
        return send(form(path, fields).header("X-CSRF-TOKEN", token).header("HX-Request", "true"));
    }

    /** As htmx sends it, with the key of a request. */
    public HttpResponse<String> once(String key, String path, String... fields) {
        return send(form(path, fields)
                .header("X-CSRF-TOKEN", token)
                .header("HX-Request", "true")
                .header("X-Once", key));
    }

    /** As a proxy passes it on for somebody else. */
    public HttpResponse<String> postFrom(String address, String path, String... fields) {
        return send(form(path, fields).header("X-CSRF-TOKEN", token).header("X-Forwarded-For", address));
    }

    public HttpResponse<String> postWithoutToken(String path, String... fields) {
        return send(form(path, fields));
    }

    public HttpResponse<String> json(String path, String body) {
        return send(HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/json")
                .header("Accept", "application/json")
                .header("X-CSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    /** Bytes as they are; the status of the answer. */
    public int octets(String path, byte[] bytes) {
        return send(HttpRequest.newBuilder(URI.create(base + path))
                        .header("Content-Type", "application/octet-stream")
                        .header("X-CSRF-TOKEN", token)
                        .POST(HttpRequest.BodyPublishers.ofByteArray(bytes)))
                .statusCode();
    }

    /** What is no text. */
    public byte[] bytes(String path) {
        try {
            HttpRequest request =
                    HttpRequest.newBuilder(URI.create(base + path)).build();
            HttpResponse<byte[]> answer = client.send(request, HttpResponse.BodyHandlers.ofByteArray());
            if (answer.statusCode() != 200) throw new IllegalStateException(path + ": " + answer.statusCode());
            return answer.body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    public HttpResponse<String> send(String method, String path, String body, String... headers) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path))
                .method(method, HttpRequest.BodyPublishers.ofString(body));
        if (headers.length > 0) request.headers(headers);
        return send(request);
    }

    /** The cookies as a request sends them. */
    public String cookies() {
        CookieManager kept = (CookieManager) client.cookieHandler().orElseThrow();
        return kept.getCookieStore().getCookies().stream()
                .map(cookie -> cookie.getName() + "=" + cookie.getValue())
                .collect(Collectors.joining("; "));
    }

    /** The token of the last page. */
    public String token() {
        return token;
    }

    private HttpRequest.Builder form(String path, String... fields) {
        List<String> pairs = new ArrayList<>();
        for (int i = 0; i < fields.length; i += 2) {
            pairs.add(URLEncoder.encode(fields[i], StandardCharsets.UTF_8) + "="
                    + URLEncoder.encode(fields[i + 1], StandardCharsets.UTF_8));
        }
        return HttpRequest.newBuilder(URI.create(base + path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(String.join("&", pairs)));
    }

    private HttpResponse<String> send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> answer =
                    client.send(request.timeout(Duration.ofSeconds(30)).build(), HttpResponse.BodyHandlers.ofString());
            Matcher found = TOKEN.matcher(answer.body());
            if (found.find()) token = found.group(1);
            return answer;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
