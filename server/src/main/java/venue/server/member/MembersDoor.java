package venue.server.member;

import java.util.Map;
import java.util.TreeMap;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Letters;
import venue.core.model.site.Membership;
import venue.core.model.site.Role;
import venue.server.here.Here;

/** Who of the people of a site may see its members: managers, and editors where they are let; managers alone change something. */
final class MembersDoor {

    private static final int LONGEST = 2_000;

    private MembersDoor() {}

    static Membership require(Here here) {
        Membership membership = Membership.in(here.working().site());
        if (here.role() != Role.MANAGER && !membership.editorsSee()) {
            throw Refusal.forbidden(
                    "members-hidden",
                    "Only managers see the members of this site.",
                    "Ask a manager to let editors see them.");
        }
        return membership;
    }

    static boolean mayWrite(Here here) {
        return here.role() == Role.MANAGER;
    }

    static void requireWrite(Here here) {
        here.requireManager("change members");
    }

    /** What may be kept of a member; refused where it is of a field that the site doesn't have, or too long. */
    static Map<String, String> fit(Here here, Map<String, String> fields) {
        Membership membership = Membership.in(here.working().site());
        Map<String, String> fit = new TreeMap<>();
        fields.forEach((key, value) -> {
            Membership.Field field = membership.fields().stream()
                    .filter(f -> f.key().equals(key))
                    .findFirst()
                    .orElseThrow(() -> Refusal.unknown("field", key));
            if (value.length() > LONGEST) {
                throw Refusal.badInput(
                        "too-long",
                        key,
                        field.label() + " has " + value.length() + " characters; " + LONGEST + " fit.",
                        "Shorten it.");
            }
            if (!value.isBlank()) {
                fit.put(key, Letters.clean(value).strip());
            }
        });
        return fit;
    }
}
