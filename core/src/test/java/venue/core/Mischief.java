package venue.core;

import java.util.List;
import java.util.Random;
import venue.core.basics.fault.Refusal;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.change.edit.Command;
import venue.core.change.edit.menu.MenuCommand;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.redirect.RedirectCommand;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.SectionPlace;
import venue.core.model.page.Page;
import venue.core.model.section.Section;

/** What people might do to a site next: any command, sensible or not. */
public final class Mischief {

    private static final List<String> WORDS = List.of("Dyeing", "Looms & wool", "Läden", "عرض", "Late show", "A");

    private static final List<String> OLD =
            List.of("/late-show", "/workshops/*", "/workshops/looms/*", "/workshops/weaving", "/m1");

    private final Random chance;
    private int next;

    public Mischief(long seed) {
        chance = new Random(seed);
    }

    /** The site after {@code steps} tries; what is refused changes nothing. */
    public Edition upon(Edition site, int steps) {
        Edition now = site;
        for (int i = 0; i < steps; i++) {
            try {
                now = Sites.after(now, command(now));
            } catch (Refusal refused) {
                // refused steps are part of any day's work
            }
        }
        return now;
    }

    public Command command(Edition site) {
        String page = any(site.plan().inOrder().toList());
        String other = any(site.plan().inOrder().toList());
        return chance.nextInt(5) < 2 ? onSections(site, page, other) : onPages(page, other);
    }

    private Command onPages(String page, String other) {
        return switch (chance.nextInt(14)) {
            case 0 -> PageCommand.setTitle(page, any(WORDS));
            case 1 -> PageCommand.movePage(page, chance.nextBoolean() ? other : null, null);
            case 2 -> PageCommand.setSegment(page, any(List.of("looms", "late-show", "workshops", "läden")));
            case 3 -> PageCommand.removePage(page);
            case 4 -> PageCommand.withdrawPage(page, chance.nextBoolean());
            case 5 -> PageCommand.makeHome(page);
            case 6 -> MenuCommand.placeInMenu("main", page, fresh());
            case 7 -> MenuCommand.removeFromMenu("main", page);
            case 8 -> PageCommand.chooseTemplate(List.of(page), any(List.of("plain", "wide", "side-column")));
            case 9 -> RedirectCommand.leadOn(any(OLD), Link.toPage(other));
            case 10 -> RedirectCommand.sayGone(any(OLD));
            case 11 ->
                PageCommand.orderBeneath(page, chance.nextBoolean() ? "title" : null, chance.nextBoolean(), true);
            case 12 -> RedirectCommand.endLeading(any(OLD));
            default ->
                NewPages.one("standard", fresh(), any(WORDS))
                        .beneath(chance.nextBoolean() ? other : null)
                        .made();
        };
    }

    private Command onSections(Edition site, String page, String other) {
        List<String> sections =
                site.require(Page.class, page).zones().all().map(Section::id).toList();
        String section = sections.isEmpty() ? "none" : any(sections);
        return switch (chance.nextInt(6)) {
            case 0 -> SectionCommand.moveSection(page, section, "main", chance.nextInt(4));
            case 4 -> SectionCommand.reachSection(page, section, any(List.of(SectionPlace.Reach.values())));
            case 1 -> SectionCommand.copySection(page, section, fresh());
            case 2 -> SectionCommand.removeSection(page, section);
            case 3 ->
                SectionCommand.placeSection(
                        page, "main", chance.nextInt(4), fresh(), "three-features", null, List.of());
            default ->
                ValueCommand.setValue(
                        page, section, "e2", "text", Value.of("<p>See <a href=\"page:" + other + "\">this</a></p>"));
        };
    }

    private String fresh() {
        return "m" + next++;
    }

    private <T> T any(List<T> list) {
        return list.get(chance.nextInt(list.size()));
    }
}
