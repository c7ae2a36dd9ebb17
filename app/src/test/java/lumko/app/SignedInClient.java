package lumko.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.Socket;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A person of the demo with a client of their own, over the real server with its whole chain of filters. */
public final class SignedInClient {
    private static final Pattern FORM_TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");
    private static final Pattern PAGE_TOKEN = Pattern.compile("name=\"csrf\" content=\"([^\"]+)\"");

    private final HttpClient client;
    private final String base;
    private String token = "";

    private SignedInClient(int port) {
        this(port, HttpClient.newBuilder().cookieHandler(new CookieManager()).build());
    }

    /** The same person in the same session, at another copy of the application. */
    public SignedInClient at(int otherPort) {
        SignedInClient other = new SignedInClient(otherPort, client);
        other.token = token;
        return other;
    }

    private SignedInClient(int port, HttpClient client) {
        base = "http://localhost:" + port;
        this.client = client;
    }

    /** Somebody who has not signed in yet. */
    public static SignedInClient nobody(int port) {
        return new SignedInClient(port);
    }

    public static SignedInClient of(int port, String login) {
        SignedInClient client = entered(port, login);
        client.renewToken();
        return client;
    }

    /** Signed in, with the token from before that. */
    static SignedInClient entered(int port, String login) {
        SignedInClient client = nobody(port);
        client.read("/login", FORM_TOKEN);
        client.post("/demo/enter", Map.of("login", login));
        return client;
    }

    /** Takes the token of the page that is now shown. */
    public void renewToken() {
        renewTokenOf("/");
    }

    public void renewTokenOf(String path) {
        read(path, PAGE_TOKEN);
    }

    /** Signs in by password, as the form does. */
    public HttpResponse<String> signIn(String login, String password) {
        read("/login", FORM_TOKEN);
        return post("/login", Map.of("username", login, "password", password));
    }

    private void read(String path, Pattern pattern) {
        Matcher matcher = pattern.matcher(get(path).body());
        if (matcher.find()) {
            token = matcher.group(1);
        }
    }

    public HttpResponse<String> get(String path) {
        return send(
                HttpRequest.newBuilder(URI.create(base + path)).header("Accept", "text/html,*/*"),
                HttpResponse.BodyHandlers.ofString());
    }

    public HttpResponse<byte[]> bytes(String path) {
        return send(HttpRequest.newBuilder(URI.create(base + path)), HttpResponse.BodyHandlers.ofByteArray());
    }

    /** Fields as a form's address or body has them. */
    static String encoded(Map<String, String> fields) {
        return fields.entrySet().stream()
                .map(field -> field.getKey() + "=" + URLEncoder.encode(field.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
    }

    /** The status of an answer to a path that a well-behaved client could not ask for. */
    static int raw(int port, String path) {
        try (Socket socket = new Socket("localhost", port)) {
            String request =
                    "GET " + path + " HTTP/1.1\r\nHost: localhost\r\nAccept: text/html\r\nConnection: close\r\n\r\n";
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            return Integer.parseInt(answer.split(" ")[1]);
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    /** Posts a form as a page with scripts does. */
    public HttpResponse<String> post(String path, Map<String, String> fields) {
        return send(
                HttpRequest.newBuilder(URI.create(base + path))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .header("X-CSRF-TOKEN", token)
                        .header("HX-Request", "true")
                        .POST(HttpRequest.BodyPublishers.ofString(encoded(fields))),
                HttpResponse.BodyHandlers.ofString());
    }

    /** Sends a file as a browser's form does. */
    public HttpResponse<String> upload(String path, String field, byte[] content) {
        String boundary = "lumko-test-boundary";
        byte[] head = ("--" + boundary + "\r\nContent-Disposition: form-data; name=\"" + field
                        + "\"; filename=\"file\"\r\nContent-Type: application/octet-stream\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8);
        byte[] tail = ("\r\n--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8);
        return send(
                HttpRequest.newBuilder(URI.create(base + path))
                        .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                        .header("X-CSRF-TOKEN", token)
                        .POST(HttpRequest.BodyPublishers.concat(
                                HttpRequest.BodyPublishers.ofByteArray(head),
                                HttpRequest.BodyPublishers.ofByteArray(content),
                                HttpRequest.BodyPublishers.ofByteArray(tail))),
                HttpResponse.BodyHandlers.ofString());
    }

    private <T> HttpResponse<T> send(HttpRequest.Builder request, HttpResponse.BodyHandler<T> body) {
        try {
            return client.send(request.build(), body);
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        } catch (InterruptedException stopped) {
            throw new IllegalStateException(stopped);
        }
    }
}
