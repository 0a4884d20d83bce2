package venue.core.edit;

import venue.core.edition.Edition;
import venue.core.fault.Refusal;
import venue.core.template.Template;

/** Names of templates: short, and each once. */
final class TemplateNames {

    private static final int LONGEST = 60;

    private TemplateNames() {}

    static String check(Edition edition, String id, String name) {
        String words = name.replaceAll("[\\p{Cntrl}\\s]+", " ").strip();
        if (words.isEmpty() || words.length() > LONGEST) {
            throw Refusal.badInput(
                    "bad-name",
                    "name",
                    "A template's name has 1 to " + LONGEST + " characters; this has " + words.length() + ".",
                    "Give one that says what pages it is for.");
        }
        edition.all(Template.class)
                .filter(t -> !t.id().equals(id) && t.name().equalsIgnoreCase(words))
                .findFirst()
                .ifPresent(t -> {
                    throw Refusal.conflict(
                            "name-taken",
                            "name",
                            "There is a template called “" + t.name() + "” already.",
                            "Give this one another name.");
                });
        return words;
    }
}
