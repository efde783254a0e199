package gurukram.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PasswordsTest {
    private static final List<String> MAREN = List.of("Maren Holt", "The Ropewalk", "maren@ropewalk.example");

    @ParameterizedTest
    @ValueSource(
            strings = {
                "passwordpassword",
                "1234567890",
                "qwertyuiop",
                "iloveyou123",
                "letmein1234",
                "maren@ropewalk.example",
                "Maren@Ropewalk.Example",
                "marenholt1",
                "yogayogayoga",
                "aaaaaaaaaaaa",
                "P@ssw0rd1234"
            })
    void whatManyHaveOrEverybodyKnowsIsNoPassword(String password) {
        assertThat(Passwords.problem(password, MAREN)).isNotNull();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "harbour crane teapot",
                "four wet oars in june",
                "k7#mQz!x9Lw2",
                "Möwen überm Kai",
                "die alte Seilerei am Hafen"
            })
    void aShortSentenceIsOne(String password) {
        assertThat(Passwords.problem(password, MAREN)).isNull();
    }

    @Test
    void itsLengthHasLimits() {
        assertThat(Passwords.problem("short", MAREN)).contains("10 letters");
        assertThat(Passwords.problem("k7#mQz!x9".repeat(30), MAREN)).contains("At most 200");
    }
}
