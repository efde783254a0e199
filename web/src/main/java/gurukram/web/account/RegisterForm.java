package gurukram.web.account;

import gurukram.web.shared.Email;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What a new teacher typed, with what is wrong beside each field. */
public record RegisterForm(String name, String studio, String email, String password) {
    public RegisterForm {
        name = plain(name);
        studio = plain(studio);
        email = plain(email);
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
        if (!Email.is(email, 100)) {
            problems.put("email", "An e-mail address, such as name@studio.example, with at most 100 letters.");
        }
        String password = Passwords.problem(this.password, List.of(name, studio, email));
        if (password != null) problems.put("password", password);
        return problems;
    }

    /** What cannot be seen is no part of a name. */
    private static String plain(String typed) {
        return typed == null ? "" : typed.replaceAll("\\p{Cntrl}", "").strip();
    }
}
