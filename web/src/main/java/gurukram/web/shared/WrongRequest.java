package gurukram.web.shared;

/** A request that no page of ours sends; answered with 400. What a person typed and may type otherwise is {@code Refused}. */
public final class WrongRequest extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** @param why for whoever wrote the request, without what was typed */
    public WrongRequest(String why) {
        super(why);
    }
}
