package gurukram.core.figure;

import java.util.Locale;

/** The parts a figure is drawn of; those ending in 2 are on the other side than the one the pose is named by. */
public enum Part {
    ARM2,
    LEG2,
    TORSO,
    HEAD,
    LEG,
    ARM;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public boolean isLimb() {
        return this != TORSO && this != HEAD;
    }

    public boolean isLeg() {
        return this == LEG || this == LEG2;
    }

    public boolean isOther() {
        return this == ARM2 || this == LEG2;
    }

    public Bone upperBone() {
        return isLeg() ? Bone.THIGH : Bone.UPPER_ARM;
    }

    public Bone lowerBone() {
        return isLeg() ? Bone.SHIN : Bone.FOREARM;
    }

    public Bone endBone() {
        return isLeg() ? Bone.FOOT : Bone.HAND;
    }
}
