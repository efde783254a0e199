package gurukram.web.doors;

import gurukram.web.shared.Outside;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The server's own doors, before any page of ours is asked. */
@Configuration
class Doors {
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> guarded(
            Outside outside, @Value("${server.tomcat.threads.max}") int threads) {
        return server -> {
            if (outside.isBehindProxy()) server.addEngineValves(new AsSeenOutside(outside), whoIsBehind(outside));
            // half of the threads are always left for what is not slow
            server.addContextValves(new WholeBody(threads / 2));
            // a page another was forwarded to is kept until its turn is over, too (KeptAnswer)
            server.addContextCustomizers(context -> context.setSuspendWrappedResponseAfterForward(false));
        };
    }

    /** Takes the browser's address from the header a named proxy sends, and from nobody else. */
    private static RemoteIpValve whoIsBehind(Outside outside) {
        RemoteIpValve valve = new RemoteIpValve();
        valve.setInternalProxies(outside.proxies().stream().map(Pattern::quote).collect(Collectors.joining("|")));
        valve.setProtocolHeader(null);
        return valve;
    }
}
