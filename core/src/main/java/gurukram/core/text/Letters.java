package gurukram.core.text;

/** How often each letter occurs in a folded text; tells cheaply that two texts cannot be near each other. */
public final class Letters {
    private static final int KINDS = 37;

    private final byte[] counts = new byte[KINDS];
    private final int length;

    private Letters(String folded) {
        length = folded.length();
        for (int i = 0; i < length; i++) {
            int kind = kind(folded.charAt(i));
            if (counts[kind] < Byte.MAX_VALUE) counts[kind]++;
        }
    }

    public static Letters of(String folded) {
        return new Letters(folded);
    }

    private static int kind(char c) {
        if (c >= 'a' && c <= 'z') return c - 'a';
        return c >= '0' && c <= '9' ? 26 + c - '0' : 36;
    }

    /** {@link Words#distance} of the two texts as a share of the longer one is at least this. */
    public double farAtLeast(Letters other) {
        int more = 0;
        int fewer = 0;
        for (int i = 0; i < KINDS; i++) {
            int difference = counts[i] - other.counts[i];
            if (difference > 0) more += difference;
            else fewer -= difference;
        }
        return (double) Math.max(more, fewer) / Math.max(1, Math.max(length, other.length));
    }
}
