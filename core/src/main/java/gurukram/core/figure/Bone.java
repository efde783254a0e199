package gurukram.core.figure;

/** The bones of the skeleton with their length, and how thick the body is at both ends (radius), in figure units. */
public enum Bone {
    SPINE(29, 6, 5.6),
    NECK(4.5, 2.6, 2.6),
    UPPER_ARM(15.5, 2.9, 2.4),
    FOREARM(13.5, 2.4, 1.7),
    HAND(6, 1.7, 1.2),
    THIGH(24, 4.6, 3.3),
    SHIN(23, 3.3, 2),
    FOOT(7.6, 1.9, 1.2);

    private final double length;
    private final double startRadius;
    private final double endRadius;

    Bone(double length, double startRadius, double endRadius) {
        this.length = length;
        this.startRadius = startRadius;
        this.endRadius = endRadius;
    }

    public double length() {
        return length;
    }

    public double startRadius() {
        return startRadius;
    }

    public double endRadius() {
        return endRadius;
    }
}
