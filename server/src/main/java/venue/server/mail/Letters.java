package venue.server.mail;

import java.text.MessageFormat;
import java.util.Arrays;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.ResourceBundle.Control;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.server.app.Origins;

/** The letters that are written, in the reader's language where there are words in it, else in English. */
@Component
class Letters {

    private static final String WORDS = "venue.server.mail.letters";

    private final Origins origins;

    Letters(Origins origins) {
        this.origins = origins;
    }

    /** The address of a screen of the interface that a token opens; the token is never sent to a server on the way there. */
    String link(String screen, String token) {
        return origins.ofInterface().get(0) + "/" + screen + "#" + token;
    }

    Letter invitation(Locale language, String by, String token) {
        return letter(language, "invitation", link("-/come-in", token), by);
    }

    Letter forgotten(Locale language, String token) {
        return letter(language, "forgotten", link("-/new-password", token));
    }

    Letter confirm(Locale language, String token) {
        return letter(language, "confirm", link("-/new-address", token));
    }

    Letter changed(Locale language, Mail.Change change) {
        return letter(language, change.key(), origins.ofInterface().get(0) + "/");
    }

    Letter test(Locale language) {
        return letter(language, "test", null);
    }

    static Letter letter(Locale language, String key, @Nullable String link, Object... with) {
        ResourceBundle words =
                ResourceBundle.getBundle(WORDS, language, Control.getNoFallbackControl(Control.FORMAT_PROPERTIES));
        String text = new MessageFormat(words.getString(key + ".text"), language).format(with);
        String subject = new MessageFormat(words.getString(key + ".subject"), language).format(with);
        return new Letter(venue.core.basics.text.Letters.line(subject), Arrays.asList(text.split("\n")), link);
    }
}
