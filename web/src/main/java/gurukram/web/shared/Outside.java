package gurukram.web.shared;

import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.URI;
import java.net.UnknownHostException;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * How people reach the app: straight on this machine, or through a proxy under one address.
 *
 * <p>What a request says of itself (its host, forwarded headers) is believed only as far as this allows.
 */
@Component
public final class Outside {
    private static final Set<String> THIS_MACHINE = Set.of("localhost", "127.0.0.1", "::1");

    private final URI behind;
    private final Set<String> proxies;

    /**
     * @param behind the address people type, as in {@code https://classes.studio.example}; empty without a proxy
     * @param proxies addresses the proxy connects from
     */
    public Outside(
            @Value("${gurukram.behind:}") String behind,
            @Value("${gurukram.proxies:127.0.0.1,::1}") List<String> proxies) {
        this.behind = behind.isBlank() ? null : outer(behind.strip());
        this.proxies = new HashSet<>();
        for (String proxy : proxies) this.proxies.add(canonical(proxy.strip()));
    }

    private static URI outer(String behind) {
        URI address = URI.create(behind);
        boolean web = "https".equals(address.getScheme()) || "http".equals(address.getScheme());
        boolean alone = address.getPath() == null || address.getPath().isEmpty() || "/".equals(address.getPath());
        if (!web || address.getHost() == null || !alone)
            throw new IllegalArgumentException(
                    "gurukram.behind is an address like https://classes.studio.example, without a path");
        return address;
    }

    /** Names are looked up once, when the app starts. */
    private static String canonical(String address) {
        try {
            return InetAddress.getByName(address).getHostAddress();
        } catch (UnknownHostException e) {
            throw new IllegalArgumentException("gurukram.proxies names a machine nobody knows: " + address, e);
        }
    }

    public boolean isBehindProxy() {
        return behind != null;
    }

    /** Whether people come by https, whatever the proxy speaks with the app. */
    public boolean isTls() {
        return behind != null && "https".equals(behind.getScheme());
    }

    /** The name people type; only behind a proxy. */
    public String host() {
        return behind.getHost();
    }

    /** The port people come to; only behind a proxy. */
    public int port() {
        if (behind.getPort() > 0) return behind.getPort();
        return isTls() ? 443 : 80;
    }

    /** A path of ours as people type it. @param request what it was asked by, where there is no proxy */
    public String address(HttpServletRequest request, String path) {
        String here = behind == null
                ? "http://" + request.getServerName() + ":" + request.getServerPort()
                : behind.toString().replaceAll("/$", "");
        return here + path;
    }

    /** The addresses of the proxy, as sockets tell them. */
    public Set<String> proxies() {
        return Set.copyOf(proxies);
    }

    public boolean isProxy(String peer) {
        return proxies.contains(peer);
    }

    /** Whether a {@code Host} header names this app; the port does not matter. */
    public boolean knows(String host) {
        String name = name(host);
        return isThisMachine(host) || behind != null && name.equalsIgnoreCase(behind.getHost());
    }

    /** Whether a {@code Host} header names this machine to itself. */
    public static boolean isThisMachine(String host) {
        return THIS_MACHINE.contains(name(host));
    }

    /** Whether an {@code Origin} header is a page of ours. */
    public boolean isOurs(String origin) {
        try {
            String host = URI.create(origin).getHost();
            return host != null && knows(host);
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    private static String name(String host) {
        if (host == null) return "";
        String name = host.strip().toLowerCase(Locale.ROOT);
        if (name.startsWith("[")) return name.contains("]") ? name.substring(1, name.indexOf(']')) : "";
        // more than one colon without brackets is an IPv6 address
        int colon = name.indexOf(':');
        return colon >= 0 && colon == name.lastIndexOf(':') ? name.substring(0, colon) : name;
    }
}
