package gurukram.core.said;

/**
 * A direction of the body: turned to, bent to, lain on a side.
 *
 * @param kind {@code turn}, {@code bend} or {@code lie}
 * @param side as with {@link LimbClaim}; also {@code {twist}}
 * @param from where the side stands in the text, {@code to} its end
 */
public record WayClaim(String kind, String side, int from, int to) {
    public boolean isFixed() {
        return side.equals("left") || side.equals("right");
    }
}
