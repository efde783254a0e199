package gurukram.core.plan.settings;

/** The two styles; the style decides the usual way of cueing. */
public enum Style {
    HATHA("hatha", Cueing.EXPLAINED),
    VINYASA("vinyasa", Cueing.BY_THE_BREATH);

    private final String word;
    private final Cueing cueing;

    Style(String word, Cueing cueing) {
        this.word = word;
        this.cueing = cueing;
    }

    public String word() {
        return word;
    }

    public Cueing cueing() {
        return cueing;
    }
}
