package venue.core.change.edit.pattern;

import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.change.edit.Command;

/** What is done to patterns and to their groups. What pages hold of them are copies, which none of it changes. */
public sealed interface PatternCommand extends Command
        permits MakePattern, DescribePattern, RetirePattern, RemovePattern, OrderGroups, NameGroup {

    static PatternCommand makePattern(String id, String name, String group, @Nullable String from) {
        return new MakePattern(id, name, group, from, null, null);
    }

    /**
     * @param sections of the page; absent for all that it has
     */
    static PatternCommand keepPattern(
            String page, @Nullable List<String> sections, String id, String name, String group) {
        return new MakePattern(id, name, group, null, page, sections);
    }

    static PatternCommand describePattern(String pattern, String name, String group, String note) {
        return new DescribePattern(pattern, name, group, note);
    }

    static PatternCommand retirePattern(String pattern, boolean retired) {
        return new RetirePattern(pattern, retired);
    }

    static PatternCommand removePattern(String pattern) {
        return new RemovePattern(pattern);
    }

    static PatternCommand orderGroups(List<String> groups) {
        return new OrderGroups(groups);
    }

    static PatternCommand nameGroup(String group, String name) {
        return new NameGroup(group, name);
    }
}
