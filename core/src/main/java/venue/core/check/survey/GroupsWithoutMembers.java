package venue.core.check.survey;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import venue.core.basics.text.Words;
import venue.core.change.edit.gate.GateCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Gates;
import venue.core.model.gate.Audience;
import venue.core.model.gate.Gate;
import venue.core.model.gate.Group;
import venue.core.model.page.Page;

/** Groups to which nobody belongs and which alone may see pages. An edition doesn't know its members: who asks says which groups have some. */
public final class GroupsWithoutMembers {

    public static final Survey.RuleInfo RULE = new Survey.RuleInfo(
            "group-without-members",
            "Group without members",
            Severity.SHOULD_FIX,
            "No visitor can open the pages that it alone may see.");

    private GroupsWithoutMembers() {}

    /** What is found, by the groups’ names. */
    public static List<Finding> in(Edition edition, Predicate<String> hasMembers) {
        List<Page> barred = Gates.of(edition).closed().stream()
                .filter(p -> isBarred(edition, p, hasMembers))
                .toList();
        return edition.all(Group.class)
                .sorted(Comparator.comparing(Group::name))
                .flatMap(group -> finding(edition, group, barred).stream())
                .toList();
    }

    private static boolean isBarred(Edition edition, Page page, Predicate<String> hasMembers) {
        Audience audience = Gates.of(edition).of(page).gate().audience();
        return audience.who() == Audience.Who.GROUPS
                && audience.groups().stream().noneMatch(hasMembers)
                && edition.plan().isShown(page.id());
    }

    private static Optional<Finding> finding(Edition edition, Group group, List<Page> barred) {
        Gates gates = Gates.of(edition);
        List<Page> its = barred.stream()
                .filter(p -> gates.of(p).gate().audience().groups().contains(group.id()))
                .toList();
        if (its.isEmpty()) {
            return Optional.empty();
        }
        List<String> saying = its.stream()
                .filter(p -> gates.of(p).source() == Gates.Source.PAGE)
                .map(Page::id)
                .toList();
        boolean hidden = its.stream().anyMatch(p -> gates.of(p).gate().hidden());
        Stream<Finding.Mend> open = saying.isEmpty()
                ? Stream.empty()
                : Stream.of(new Finding.Mend(
                        "Let all members in", GateCommand.setGate(saying, new Gate(Audience.MEMBERS, hidden))));
        return Optional.of(new Finding(
                RULE.key(),
                RULE.severity(),
                group.id(),
                "Has no members: nobody can open the " + Words.count(its.size(), "page") + " closed to all others.",
                RULE.why(),
                open.toList(),
                null));
    }
}
