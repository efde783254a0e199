package gurukram.web.doors;

import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.WriteListener;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;

/** An answer that is kept until it is whole, or larger than a page is. */
final class KeptAnswer extends HttpServletResponseWrapper {
    static final int MOST_KEPT = 2_000_000;

    private final Runnable beforeSending;
    private final ByteArrayOutputStream kept = new ByteArrayOutputStream(16_384);
    private final Bytes bytes = new Bytes();
    private PrintWriter writer;
    private boolean through;

    /** @param beforeSending what is done before the first byte goes out because it is large; may be done more than once */
    KeptAnswer(HttpServletResponse response, Runnable beforeSending) {
        super(response);
        this.beforeSending = beforeSending;
    }

    /** What is kept goes out. */
    void send() throws IOException {
        if (writer != null) writer.flush();
        if (kept.size() == 0) return;
        kept.writeTo(getResponse().getOutputStream());
        kept.reset();
    }

    private void letThrough() throws IOException {
        through = true;
        beforeSending.run();
        kept.writeTo(getResponse().getOutputStream());
        kept.reset();
    }

    @Override
    public ServletOutputStream getOutputStream() {
        return bytes;
    }

    @Override
    public PrintWriter getWriter() throws IOException {
        if (writer == null) {
            // as the servlet's own would have it: from here on the letters are settled
            setCharacterEncoding(getCharacterEncoding());
            writer = new PrintWriter(new OutputStreamWriter(bytes, getCharacterEncoding()));
        }
        return writer;
    }

    @Override
    public void flushBuffer() throws IOException {
        if (writer != null) writer.flush();
        if (through) super.flushBuffer();
    }

    @Override
    public void reset() {
        super.reset();
        forget();
        writer = null;
    }

    @Override
    public void resetBuffer() {
        super.resetBuffer();
        forget();
    }

    private void forget() {
        // what a writer still holds belongs to what is forgotten
        if (writer != null) writer.flush();
        kept.reset();
    }

    @Override
    public void sendError(int status, String message) throws IOException {
        forget();
        super.sendError(status, message);
    }

    @Override
    public void sendError(int status) throws IOException {
        forget();
        super.sendError(status);
    }

    /** Into what is kept, or out. */
    private final class Bytes extends ServletOutputStream {
        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setWriteListener(WriteListener listener) {
            throw new IllegalStateException("answers are not written in pieces here");
        }

        @Override
        public void write(int one) throws IOException {
            write(new byte[] {(byte) one}, 0, 1);
        }

        @Override
        public void write(byte[] some, int from, int length) throws IOException {
            if (!through && kept.size() + length > MOST_KEPT) letThrough();
            if (through) getResponse().getOutputStream().write(some, from, length);
            else kept.write(some, from, length);
        }

        @Override
        public void flush() throws IOException {
            if (through) getResponse().getOutputStream().flush();
        }
    }
}
