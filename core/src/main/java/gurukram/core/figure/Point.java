package gurukram.core.figure;

/** A place in figure units. */
public record Point(double x, double y) {
    public Point plus(double dx, double dy) {
        return new Point(x + dx, y + dy);
    }

    /** The place {@code length} away in the direction of {@code degrees}. */
    public Point toward(double degrees, double length) {
        double radians = Math.toRadians(degrees);
        return plus(length * Math.cos(radians), length * Math.sin(radians));
    }

    public double distance(Point other) {
        return Math.hypot(other.x - x, other.y - y);
    }

    /** The direction to another place in degrees, above -180 and at most 180. */
    public double directionTo(Point other) {
        return Math.toDegrees(Math.atan2(other.y - y, other.x - x));
    }

    public Point between(Point other, double share) {
        return new Point(x + (other.x - x) * share, y + (other.y - y) * share);
    }

    /** Seen in a mirror that stands on the middle line. */
    public Point mirrored() {
        return new Point(-x, y);
    }
}
