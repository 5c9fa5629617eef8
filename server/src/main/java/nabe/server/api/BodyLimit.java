package nabe.server.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Stops reading a request body past what any recipe needs, however it is sent. */
@Component
class BodyLimit extends OncePerRequestFilter {
    /** A text of 1 MB, as JSON with its escapes and the rest of a brief. */
    private static final long MOST_BYTES = 1_200_000;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(
                new HttpServletRequestWrapper(request) {
                    @Override
                    public ServletInputStream getInputStream() throws IOException {
                        return new Counting(super.getInputStream());
                    }
                },
                response);
    }

    /** The body went over the limit. */
    static final class TooLongException extends IOException {
        TooLongException() {
            super(Problems.tooLongWords());
        }
    }

    private static final class Counting extends ServletInputStream {
        private final ServletInputStream in;
        private long read;

        Counting(ServletInputStream in) {
            this.in = in;
        }

        @Override
        public int read() throws IOException {
            int b = in.read();
            count(b < 0 ? 0 : 1);
            return b;
        }

        @Override
        public int read(byte[] bytes, int off, int len) throws IOException {
            int n = in.read(bytes, off, len);
            count(Math.max(0, n));
            return n;
        }

        private void count(int n) throws IOException {
            read += n;
            if (read > MOST_BYTES) {
                throw new TooLongException();
            }
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
