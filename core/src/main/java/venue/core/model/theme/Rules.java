package venue.core.model.theme;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The rules that all sites share, and those of the arrangements that a look decides: for each such setting a folder, and in it
 * a file for each choice. A rule there takes a tone's colours by {@code @deep} or {@code @plain}.
 */
final class Rules {

    /** In the order of the cascade. */
    private static final List<String> SHARED = List.of(
            "base",
            "frame",
            "section",
            "words",
            "acts",
            "pictures",
            "cards",
            "listing",
            "gathered",
            "facts",
            "lists",
            "people",
            "media",
            "widths",
            "menus",
            "apart",
            "sheets",
            "visitor");

    /** The settings that decide an arrangement. */
    static final List<String> ARRANGED = List.of(
            "headerShape",
            "headerStays",
            "bandAlign",
            "openingShape",
            "headShape",
            "headOrnament",
            "linkLine",
            "cardShape",
            "listShape",
            "buttonFill",
            "buttonStrong",
            "buttonHover",
            "pictureEdge",
            "captionPlace",
            "pageFrame",
            "motion",
            "footerShape");

    private static final Map<String, String> READ = new ConcurrentHashMap<>();

    private Rules() {}

    static String of(Look theme) {
        StringBuilder css = new StringBuilder();
        SHARED.forEach(name -> css.append(file("rules/" + name)));
        for (String setting : ARRANGED) {
            css.append(file("arranged/" + setting + "/" + theme.text(setting)));
        }
        css.append(file("rules/print"));
        String arranged = css.toString();
        for (String tone : List.of("plain", "deep")) {
            arranged = arranged.replace("@" + tone, StyleSheet.wearing(tone));
        }
        return arranged;
    }

    static String file(String name) {
        return READ.computeIfAbsent(name, Rules::read);
    }

    private static String read(String name) {
        try (InputStream rules = Rules.class.getResourceAsStream(name + ".css")) {
            String css = new String(
                    Objects.requireNonNull(rules, name + " is part of this jar").readAllBytes(),
                    StandardCharsets.UTF_8);
            return css.replaceAll("/\\*[^*]*\\*/", "").replaceAll("\\s*\\n\\s*", "");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
