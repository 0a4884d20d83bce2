package venue.server.signin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import venue.core.basics.fault.Refusal;

class PasswordRulesTest {

    private static final List<String> OWN = List.of("ines@loomgate-yard.example", "Ines Holm", "Loomgate Yard");

    private final PasswordRules rules = new PasswordRules();

    @ParameterizedTest
    @CsvSource({
        "password password, password-weak",
        "qwertyuiop12, password-weak",
        "aaaaaaaaaaaaaaaaaaaa, password-weak",
        "loomgate yard site, password-weak",
        "Ines Holm 2026, password-weak",
        "short, password-short",
        "'', password-short",
    })
    void whatIsGuessedSoonIsRefused(String password, String code) {
        assertThatThrownBy(() -> rules.check(password, OWN)).isInstanceOfSatisfying(Refusal.class, r -> {
            assertThat(r.code()).isEqualTo(code);
            assertThat(r.field()).isEqualTo("password");
        });
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "otter velvet kettle nine",
                "dark-sky-friday",
                "żółw, fontanna i trąbka",
                "🦦🫖🎻🌵🧲🪁🧵🪴🛶🎐🧩🪗"
            })
    void anyWordsAndLettersWillDo(String password) {
        assertThatCode(() -> rules.check(password, OWN)).doesNotThrowAnyException();
    }

    @Test
    void lengthIsCountedInCharactersAsPeopleCountThem() {
        assertThatThrownBy(() -> rules.check("🦦🫖🎻🌵🧲🪁🧵🪴🛶🎐🧩", OWN)).hasMessageContaining("11 characters");
        assertThatThrownBy(() -> rules.check("x7Kq".repeat(32) + "z", OWN)).hasMessageContaining("129 characters");
    }
}
