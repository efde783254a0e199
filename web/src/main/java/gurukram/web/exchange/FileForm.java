package gurukram.web.exchange;

import org.springframework.http.MediaType;

/** The forms a class can be taken away in, each with what it leaves out. */
public enum FileForm {
    TEXT(
            "txt",
            "text/plain;charset=UTF-8",
            "As text",
            "The whole class in words. Can be opened here again.",
            "Leaves out the history of changes, what was taught, which group it is for, and how poses of your own are made."),
    JSON(
            "json",
            MediaType.APPLICATION_JSON_VALUE,
            "As JSON",
            "The whole class for programs, with the poses of your own that it uses. Can be opened here again, and in another account.",
            "Leaves out the history of changes, what was taught, and which group it is for."),
    CSV(
            "csv",
            "text/csv;charset=UTF-8",
            "The score as a table",
            "Every moment in its order with its times, for a spreadsheet.",
            "Leaves out notes, marks, props, the theme, the other levels, and how rounds and layers are written."),
    SVG(
            "svg",
            "image/svg+xml;charset=UTF-8",
            "The class at a glance",
            "Its spine true to time, left and right work and the effort, as a drawing.",
            "Leaves out names, doses and everything that is words."),
    MARKDOWN(
            "md",
            "text/markdown;charset=UTF-8",
            "As Markdown",
            "Sections and steps with doses, sides and minutes, to paste elsewhere.",
            "Leaves out marks, props, settings of the school, the times of other levels, and the single moments."),
    CARD(
            "html",
            "text/html;charset=UTF-8",
            "A card to print",
            "One page in large letters for the mat, readable without this app.",
            "Leaves out marks, props, settings of the school, the times of other levels, and the single moments.");

    private final String ending;
    private final String media;
    private final String title;
    private final String about;
    private final String leavesOut;

    FileForm(String ending, String media, String title, String about, String leavesOut) {
        this.ending = ending;
        this.media = media;
        this.title = title;
        this.about = about;
        this.leavesOut = leavesOut;
    }

    public String ending() {
        return ending;
    }

    String media() {
        return media;
    }

    public String title() {
        return title;
    }

    public String about() {
        return about;
    }

    public String leavesOut() {
        return leavesOut;
    }

    /** By the ending of a file name; null when there is none like it. */
    static FileForm withEnding(String ending) {
        for (FileForm form : values()) if (form.ending.equals(ending)) return form;
        return null;
    }
}
