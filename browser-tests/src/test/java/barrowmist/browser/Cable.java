package barrowmist.browser;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;

/** The network between a screen and the server: it can be pulled and put back. */
final class Cable implements AutoCloseable {

    private final ServerSocket end;
    private final int port;
    private final List<Socket> sockets = new CopyOnWriteArrayList<>();
    private volatile boolean pulled;

    /** @param port of the server */
    Cable(int port) {
        this.port = port;
        try {
            end = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        run(this::accept);
    }

    String url() {
        return "http://localhost:" + end.getLocalPort();
    }

    void pull() {
        pulled = true;
        sockets.forEach(Cable::end);
        sockets.clear();
    }

    void putBack() {
        pulled = false;
    }

    private static void run(Runnable task) {
        Thread thread = new Thread(task, "cable");
        thread.setDaemon(true);
        thread.start();
    }

    private void accept() {
        while (!end.isClosed()) {
            try {
                Socket near = end.accept();
                if (pulled) {
                    end(near);
                } else {
                    join(near);
                }
            } catch (IOException e) {
                // the next connection may fare better
            }
        }
    }

    private void join(Socket near) throws IOException {
        Socket far;
        try {
            far = new Socket(InetAddress.getLoopbackAddress(), port);
        } catch (IOException e) {
            // the server is down: as it would say itself, nobody is here
            end(near);
            throw e;
        }
        sockets.add(near);
        sockets.add(far);
        run(() -> carry(near, far));
        run(() -> carry(far, near));
    }

    private static void carry(Socket from, Socket to) {
        try (InputStream in = from.getInputStream();
                OutputStream out = to.getOutputStream()) {
            byte[] bytes = new byte[8192];
            for (int n = in.read(bytes); n >= 0; n = in.read(bytes)) {
                out.write(bytes, 0, n);
                out.flush();
            }
        } catch (IOException e) {
            // pulled, or one side is done
        }
    }

    private static void end(Socket socket) {
        try {
            socket.close();
        } catch (IOException e) {
            // it is gone already
        }
    }

    @Override
    public void close() throws IOException {
        pull();
        end.close();
    }
}
