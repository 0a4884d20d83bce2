package venue.store.member;

import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.MemberId;
import venue.core.basics.item.SiteId;

/**
 * Somebody who may see more of one site than a stranger.
 *
 * @param password its hash; null where they sign in by links alone
 * @param fields what the site keeps of its members, by key
 * @param groups ids of the groups that they belong to
 * @param since when they were invited or asked, ISO 8601
 * @param seenAt when they were last here, to some minutes; null for never
 */
public record Member(
        MemberId id,
        SiteId site,
        String email,
        String name,
        @Nullable String password,
        State state,
        Map<String, String> fields,
        Set<String> groups,
        String since,
        @Nullable String seenAt) {

    /** How somebody stands to the site. */
    public enum State {
        /** Has a link and has not come yet. */
        INVITED,
        /** Has asked, and not confirmed their address yet. */
        UNCONFIRMED,
        /** Waits for one of the site's people to agree. */
        ASKED,
        ACTIVE,
        /** Can't sign in any more, and can be brought back. */
        DEACTIVATED
    }

    public Member {
        fields = Map.copyOf(fields);
        groups = Set.copyOf(groups);
    }

    public boolean isActive() {
        return state == State.ACTIVE;
    }

    Member in(State now) {
        return but(d -> d.state = now);
    }

    Member described(String words, Map<String, String> said) {
        return but(d -> {
            d.name = words;
            d.fields = said;
        });
    }

    Member withPassword(String hash) {
        return but(d -> d.password = hash);
    }

    Member of(Set<String> others) {
        return but(d -> d.groups = others);
    }

    /** The same member but for what is changed of them: the one place where its parts are copied. */
    private Member but(Consumer<Draft> change) {
        Draft draft = new Draft(this);
        change.accept(draft);
        return new Member(
                id, site, email, draft.name, draft.password, draft.state, draft.fields, draft.groups, since, seenAt);
    }

    private static final class Draft {
        private String name;
        private @Nullable String password;
        private State state;
        private Map<String, String> fields;
        private Set<String> groups;

        private Draft(Member member) {
            name = member.name;
            password = member.password;
            state = member.state;
            fields = member.fields;
            groups = member.groups;
        }
    }
}
