package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import java.util.TreeMap;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Letters;
import venue.core.basics.text.Phrase;
import venue.core.model.site.Membership;
import venue.core.model.site.Site;
import venue.store.member.Member;
import venue.store.people.Email;
import venue.store.workspace.Workspace;

/** What a form has sent, by whom and where. */
record Sent(Workspace workspace, Caller caller, HttpServletRequest asked, Map<String, String> form) {

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST = 2_000;

    String said(String name) {
        return form.getOrDefault(name, "").strip();
    }

    Site site() {
        return workspace.now().live().site();
    }

    String say(Phrase phrase) {
        return MemberPages.say(workspace, phrase);
    }

    Sent by(Caller other) {
        return new Sent(workspace, other, asked, form);
    }

    /** What is wrong with what somebody says of themselves; empty where nothing is. */
    String unfit(Membership membership, String name) {
        if (Letters.isUnseen(name)) {
            return say(Phrase.MISSING).replace("{0}", say(Phrase.NAME));
        }
        if (name.length() > LONGEST_NAME) {
            return say(Phrase.TOO_LONG).replace("{0}", say(Phrase.NAME));
        }
        for (Membership.Field field : membership.fields()) {
            if (said("field." + field.key()).length() > LONGEST) {
                return say(Phrase.TOO_LONG).replace("{0}", field.label());
            }
        }
        if (!isAddress(said("email"))) {
            return say(Phrase.BAD_EMAIL);
        }
        return membership.consent().isEmpty() || said("consent").equals("yes")
                ? ""
                : say(Phrase.MISSING).replace("{0}", membership.consent());
    }

    private static boolean isAddress(String typed) {
        try {
            Email.check(typed, "email");
            return true;
        } catch (Refusal none) {
            return false;
        }
    }

    /** What members say of themselves; what is not theirs to change stays as it is. */
    Map<String, String> fields(Membership membership) {
        Map<String, String> fields =
                new TreeMap<>(caller().member().map(Member::fields).orElse(Map.of()));
        membership.fields().stream().filter(Membership.Field::theirs).forEach(f -> {
            String said = said("field." + f.key());
            boolean known =
                    f.sort() != Membership.Field.Sort.CHOICE || f.choices().contains(said);
            if (said.isEmpty() || !known) {
                fields.remove(f.key());
            } else {
                fields.put(f.key(), Letters.clean(said));
            }
        });
        return fields;
    }
}
