package gurukram.web.account;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Pattern;

/** What a new teacher typed, with what is wrong beside each field. */
public record RegisterForm(String name, String studio, String email, String password) {
    static final int LEAST_PASSWORD = 10;
    static final int MOST_PASSWORD = 200;
    private static final Pattern EMAIL = Pattern.compile("[^\\s@]+@[^\\s@]+\\.[^\\s@]+");

    public RegisterForm {
        name = name == null ? "" : name.strip();
        studio = studio == null ? "" : studio.strip();
        email = email == null ? "" : email.strip();
        password = password == null ? "" : password;
    }

    static RegisterForm empty() {
        return new RegisterForm("", "", "", "");
    }

    /** Field to message; empty when all is well. */
    Map<String, String> problems() {
        Map<String, String> problems = new LinkedHashMap<>();
        if (name.isEmpty() || name.length() > 80) problems.put("name", "Your name, with 1 to 80 letters.");
        if (studio.length() > 120) problems.put("studio", "A studio's name has at most 120 letters.");
        if (!EMAIL.matcher(email).matches() || email.length() > 100) {
            problems.put("email", "An e-mail address, such as name@studio.example, with at most 100 letters.");
        }
        String password = passwordProblem(this.password);
        if (password != null) problems.put("password", password);
        return problems;
    }

    /** What is wrong with a new password; null when nothing. */
    static String passwordProblem(String password) {
        if (password.length() < LEAST_PASSWORD) {
            return "At least " + LEAST_PASSWORD + " letters; a short sentence is easy to remember.";
        }
        return password.length() > MOST_PASSWORD ? "At most " + MOST_PASSWORD + " letters." : null;
    }
}
