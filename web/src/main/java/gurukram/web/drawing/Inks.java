package gurukram.web.drawing;

/** The colours of one surrounding: {@link #LIGHT} for planning and paper, {@link #DARK} for the room. */
public enum Inks {
    LIGHT("#10272b", "#33525a", "#94a7aa", "#f6f9f7", "#a9410b", "#17568f", "#dfeaf4", "#8d9f9f", "#b8a67a"),
    DARK("#f2f6f4", "#c5d3d1", "#6d8286", "#0c1a1d", "#f0935a", "#8fc1f2", "#1c3347", "#5b7377", "#a8946a");

    final String near;
    final String torso;
    final String far;
    final String halo;
    final String right;
    final String left;
    final String leftGround;
    final String mat;
    final String thing;

    Inks(
            String near,
            String torso,
            String far,
            String halo,
            String right,
            String left,
            String leftGround,
            String mat,
            String thing) {
        this.near = near;
        this.torso = torso;
        this.far = far;
        this.halo = halo;
        this.right = right;
        this.left = left;
        this.leftGround = leftGround;
        this.mat = mat;
        this.thing = thing;
    }
}
