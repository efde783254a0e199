package gurukram.web.doors;

import gurukram.web.shared.Outside;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;

/**
 * Behind a proxy a request is what the browser sent: to the address people type, by https if that is https. Both are known and
 * need no header; only a named proxy gets in.
 */
final class AsSeenOutside extends ValveBase {
    private final Outside outside;

    AsSeenOutside(Outside outside) {
        super(true);
        this.outside = outside;
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        if (!outside.isProxy(request.getPeerAddr())) {
            response.sendError(HttpServletResponse.SC_FORBIDDEN);
            return;
        }
        request.setSecure(outside.isTls());
        request.getCoyoteRequest().scheme().setString(outside.isTls() ? "https" : "http");
        // what the request says in its Host header stays to be looked at
        request.getCoyoteRequest().serverName().setString(outside.host());
        request.getCoyoteRequest().setServerPort(outside.port());
        getNext().invoke(request, response);
    }
}
