package gurukram.web.doors;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Collections;
import java.util.Enumeration;
import java.util.LinkedHashMap;
import java.util.Map;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What cannot be read as words is a wrong request, whatever page it is sent to; and what nobody can type, and no database can keep,
 * is left out of what was typed.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 3)
class CleanRequests extends OncePerRequestFilter {
    private static final String NOTHING = String.valueOf((char) 0);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        // the address of error pages is theirs alone
        boolean nowhere = request.getDispatcherType() == DispatcherType.REQUEST
                && request.getRequestURI().equals("/error");
        if (nowhere) {
            response.sendError(HttpServletResponse.SC_NOT_FOUND);
            return;
        }
        boolean clean;
        try {
            clean = isClean(request.getParameterMap());
        } catch (InvalidParameterException e) {
            response.sendError(e.getErrorCode());
            return;
        }
        chain.doFilter(clean ? request : new Cleaned(request), response);
    }

    private static boolean isClean(Map<String, String[]> parameters) {
        for (Map.Entry<String, String[]> entry : parameters.entrySet()) {
            if (entry.getKey().contains(NOTHING)) return false;
            for (String value : entry.getValue()) if (value.contains(NOTHING)) return false;
        }
        return true;
    }

    private static final class Cleaned extends HttpServletRequestWrapper {
        private final Map<String, String[]> parameters = new LinkedHashMap<>();

        Cleaned(HttpServletRequest request) {
            super(request);
            request.getParameterMap().forEach((name, values) -> {
                String[] clean = values.clone();
                for (int i = 0; i < clean.length; i++) clean[i] = clean[i].replace(NOTHING, "");
                parameters.putIfAbsent(name.replace(NOTHING, ""), clean);
            });
        }

        @Override
        public String getParameter(String name) {
            String[] values = parameters.get(name);
            return values == null ? null : values[0];
        }

        @Override
        public String[] getParameterValues(String name) {
            String[] values = parameters.get(name);
            return values == null ? null : values.clone();
        }

        @Override
        public Map<String, String[]> getParameterMap() {
            return Collections.unmodifiableMap(parameters);
        }

        @Override
        public Enumeration<String> getParameterNames() {
            return Collections.enumeration(parameters.keySet());
        }
    }
}
