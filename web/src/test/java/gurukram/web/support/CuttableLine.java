package gurukram.web.support;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** Passes connections on to a port of this machine until it is cut. */
public final class CuttableLine implements AutoCloseable {
    private final ServerSocket door;
    private final int target;
    private final Set<Socket> open = ConcurrentHashMap.newKeySet();
    private volatile boolean cut;

    public CuttableLine(int target) throws IOException {
        this.target = target;
        this.door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        start(this::accept);
    }

    public int port() {
        return door.getLocalPort();
    }

    public void cut() {
        cut = true;
        open.forEach(CuttableLine::close);
        open.clear();
    }

    public void mend() {
        cut = false;
    }

    private void accept() {
        while (!door.isClosed()) {
            try {
                Socket here = door.accept();
                if (cut) {
                    here.close();
                    continue;
                }
                Socket there = new Socket(InetAddress.getLoopbackAddress(), target);
                open.add(here);
                open.add(there);
                start(() -> pass(here, there));
                start(() -> pass(there, here));
            } catch (IOException e) {
                // closed, or one connection less
            }
        }
    }

    private static void pass(Socket from, Socket to) {
        try (InputStream in = from.getInputStream();
                OutputStream out = to.getOutputStream()) {
            in.transferTo(out);
        } catch (IOException e) {
            // the line was cut
        } finally {
            close(from);
            close(to);
        }
    }

    private static void start(Runnable work) {
        Thread thread = new Thread(work);
        thread.setDaemon(true);
        thread.start();
    }

    private static void close(Socket socket) {
        try {
            socket.close();
        } catch (IOException e) {
            // it is closed anyway
        }
    }

    @Override
    public void close() throws IOException {
        cut();
        door.close();
    }
}
