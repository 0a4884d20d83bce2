package venue.store.member;

import org.jspecify.annotations.Nullable;

/**
 * Which members are asked for.
 *
 * @param words what their name, address or what is kept of them says; empty for anything
 * @param group the id of a group that they belong to; null for any
 */
public record MemberFilter(
        String words,
        Member.@Nullable State state,
        @Nullable String group) {

    public static final MemberFilter ALL = new MemberFilter("", null, null);
}
