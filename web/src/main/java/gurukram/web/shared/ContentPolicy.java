package gurukram.web.shared;

/** What a browser may do with our pages. */
public final class ContentPolicy {
    /** No inline script or style, nothing from elsewhere; {@code data:} pictures are Bootstrap's own arrows. */
    public static final String SOURCES = "default-src 'none'; script-src 'self'; style-src 'self'; "
            + "img-src 'self' data:; font-src 'self'; connect-src 'self'; manifest-src 'self'; "
            + "base-uri 'self'; form-action 'self'; frame-ancestors 'none'";

    public static final String PERMISSIONS =
            "camera=(), microphone=(), geolocation=(), payment=(), usb=(), screen-wake-lock=(self), fullscreen=(self)";

    private ContentPolicy() {}
}
