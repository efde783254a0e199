package gurukram.web.support;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.util.concurrent.TimeUnit;
import javax.net.ssl.KeyManagerFactory;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLServerSocket;
import javax.net.ssl.TrustManagerFactory;

/** A small proxy as a studio would have it: speaks https outside, http with the app, and says whom a request is from. */
public final class TlsProxy implements AutoCloseable {
    /** Where every client seems to be, so that it can be told from the proxy. */
    public static final String CLIENT = "192.0.2.44";

    private static final char[] SECRET = "only for tests".toCharArray();

    private final SSLServerSocket door;
    private final KeyStore certificate;
    private final boolean keepsHost;
    private volatile int target;

    /** @param keepsHost whether it passes on the name people typed, or says its own for the app */
    public TlsProxy(boolean keepsHost) throws Exception {
        this.keepsHost = keepsHost;
        SSLContext tls = SSLContext.getInstance("TLS");
        KeyManagerFactory keys = KeyManagerFactory.getInstance(KeyManagerFactory.getDefaultAlgorithm());
        certificate = selfSigned();
        keys.init(certificate, SECRET);
        tls.init(keys.getKeyManagers(), null, null);
        door = (SSLServerSocket)
                tls.getServerSocketFactory().createServerSocket(0, 50, InetAddress.getByName("127.0.0.1"));
        start(this::accept);
    }

    public int port() {
        return door.getLocalPort();
    }

    /** For a client that takes its certificate for good. */
    SSLContext trust() {
        try {
            KeyStore trusted = KeyStore.getInstance("PKCS12");
            trusted.load(null, null);
            trusted.setCertificateEntry("proxy", certificate.getCertificate("proxy"));
            TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
            trust.init(trusted);
            SSLContext tls = SSLContext.getInstance("TLS");
            tls.init(null, trust.getTrustManagers(), null);
            return tls;
        } catch (GeneralSecurityException | IOException e) {
            throw new IllegalStateException(e);
        }
    }

    public void passesTo(int port) {
        target = port;
    }

    private static KeyStore selfSigned() throws Exception {
        Path file = Files.createTempDirectory("proxy").resolve("keys.p12");
        Process keytool = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "keytool")
                                .toString(),
                        "-genkeypair",
                        "-alias",
                        "proxy",
                        "-keyalg",
                        "EC",
                        "-dname",
                        "CN=studio.test",
                        "-ext",
                        "san=dns:studio.test,dns:localhost",
                        "-storetype",
                        "PKCS12",
                        "-keystore",
                        file.toString(),
                        "-storepass",
                        new String(SECRET),
                        "-validity",
                        "2")
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        if (!keytool.waitFor(60, TimeUnit.SECONDS) || keytool.exitValue() != 0)
            throw new IllegalStateException("no key was made");
        KeyStore store = KeyStore.getInstance("PKCS12");
        try (InputStream in = Files.newInputStream(file)) {
            store.load(in, SECRET);
        }
        return store;
    }

    private void accept() {
        while (!door.isClosed()) {
            try {
                Socket here = door.accept();
                start(() -> serve(here));
            } catch (IOException e) {
                // closed
            }
        }
    }

    /** One request a connection. */
    private void serve(Socket here) {
        try (here;
                Socket there = new Socket(InetAddress.getByName("127.0.0.1"), target)) {
            String head = head(here.getInputStream());
            if (head.isEmpty()) return;
            there.getOutputStream().write(passedOn(head, here).getBytes(StandardCharsets.ISO_8859_1));
            start(() -> pass(here, there));
            pass(there, here);
        } catch (IOException e) {
            // one connection less
        }
    }

    private static String head(InputStream in) throws IOException {
        ByteArrayOutputStream head = new ByteArrayOutputStream();
        int end = 0;
        while (end < 4) {
            int b = in.read();
            if (b < 0) return "";
            head.write(b);
            boolean expected = b == (end % 2 == 0 ? '\r' : '\n');
            end = expected ? end + 1 : b == '\r' ? 1 : 0;
        }
        return head.toString(StandardCharsets.ISO_8859_1);
    }

    private String passedOn(String head, Socket here) {
        StringBuilder out = new StringBuilder();
        for (String line : head.strip().split("\r\n")) {
            boolean ours = line.regionMatches(true, 0, "Connection:", 0, 11)
                    || line.regionMatches(true, 0, "X-Forwarded-For:", 0, 16)
                    || !keepsHost && line.regionMatches(true, 0, "Host:", 0, 5);
            if (!ours) out.append(line).append("\r\n");
        }
        if (!keepsHost) out.append("Host: 127.0.0.1:").append(target).append("\r\n");
        out.append("X-Forwarded-For: ")
                .append(here.getInetAddress().getHostAddress().replace("127.0.0.1", CLIENT));
        return out.append("\r\nConnection: close\r\n\r\n").toString();
    }

    private static void pass(Socket from, Socket to) {
        try {
            OutputStream out = to.getOutputStream();
            byte[] piece = new byte[8192];
            for (int n = from.getInputStream().read(piece);
                    n >= 0;
                    n = from.getInputStream().read(piece)) {
                out.write(piece, 0, n);
                out.flush();
            }
            to.shutdownOutput();
        } catch (IOException e) {
            // one side has gone
        }
    }

    private static void start(Runnable work) {
        Thread thread = new Thread(work);
        thread.setDaemon(true);
        thread.start();
    }

    @Override
    public void close() throws IOException {
        door.close();
    }
}
