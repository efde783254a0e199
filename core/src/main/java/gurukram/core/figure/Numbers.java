package gurukram.core.figure;

/** Numbers as written in figures: at most two places, no trailing zeros. */
public final class Numbers {
    private Numbers() {}

    static String plain(double number) {
        long hundredths = Math.round(number * 100);
        long whole = Math.abs(hundredths) / 100;
        int rest = (int) (Math.abs(hundredths) % 100);
        String sign = hundredths < 0 ? "-" : "";
        if (rest == 0) return sign + whole;
        return sign + whole + "." + (rest % 10 == 0 ? String.valueOf(rest / 10) : rest < 10 ? "0" + rest : "" + rest);
    }
}
