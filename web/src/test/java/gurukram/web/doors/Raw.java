package gurukram.web.doors;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;

/** A connection that sends what no browser would. */
final class Raw implements AutoCloseable {
    private final Socket socket;

    /** @param from the address of this machine it comes from, as in {@code 127.0.0.2} */
    Raw(String from, int port) throws IOException {
        socket = new Socket();
        socket.bind(new java.net.InetSocketAddress(InetAddress.getByName(from), 0));
        socket.connect(new java.net.InetSocketAddress("127.0.0.1", port), 5_000);
        socket.setSoTimeout(30_000);
    }

    Raw send(String bytes) throws IOException {
        socket.getOutputStream().write(bytes.getBytes(StandardCharsets.ISO_8859_1));
        socket.getOutputStream().flush();
        return this;
    }

    /** Everything that comes until the other side ends. */
    String answer() throws IOException {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        try {
            socket.getInputStream().transferTo(all);
        } catch (IOException e) {
            // ended abruptly: what came, came
        }
        return all.toString(StandardCharsets.ISO_8859_1);
    }

    /** One request with its answer. */
    static String ask(int port, String head, String body) throws IOException {
        try (Raw raw = new Raw("127.0.0.1", port)) {
            return raw.send(head.replace("\n", "\r\n") + "Connection: close\r\n\r\n" + body)
                    .answer();
        }
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
