package venue.core;

import java.util.List;
import java.util.Map;
import java.util.Random;
import venue.core.edit.ChooseTemplate;
import venue.core.edit.Command;
import venue.core.edit.CopySection;
import venue.core.edit.MakeHome;
import venue.core.edit.MakePages;
import venue.core.edit.MovePage;
import venue.core.edit.MoveSection;
import venue.core.edit.PlaceInMenu;
import venue.core.edit.PlaceSection;
import venue.core.edit.ReachSection;
import venue.core.edit.RemoveFromMenu;
import venue.core.edit.RemovePage;
import venue.core.edit.RemoveSection;
import venue.core.edit.SetSegment;
import venue.core.edit.SetTitle;
import venue.core.edit.SetValue;
import venue.core.edit.WithdrawPage;
import venue.core.edition.Edition;
import venue.core.edition.SectionPlace;
import venue.core.fault.Refusal;
import venue.core.page.Page;
import venue.core.section.Section;
import venue.core.value.Value;

/** What people might do to a site next: any command, sensible or not. */
public final class Mischief {

    private static final List<String> WORDS = List.of("Dyeing", "Looms & wool", "Läden", "عرض", "Late show", "A");

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
        return switch (chance.nextInt(10)) {
            case 0 -> new SetTitle(page, any(WORDS));
            case 1 -> new MovePage(page, chance.nextBoolean() ? other : null, null);
            case 2 -> new SetSegment(page, any(List.of("looms", "late-show", "workshops", "läden")));
            case 3 -> new RemovePage(page);
            case 4 -> new WithdrawPage(page, chance.nextBoolean());
            case 5 -> new MakeHome(page);
            case 6 -> new PlaceInMenu("main", page, fresh());
            case 7 -> new RemoveFromMenu("main", page);
            case 8 -> new ChooseTemplate(List.of(page), any(List.of("plain", "wide", "side-column")));
            default ->
                new MakePages(
                        chance.nextBoolean() ? other : null,
                        null,
                        "standard",
                        null,
                        List.of(new MakePages.NewPage(fresh(), any(WORDS))),
                        null,
                        List.of(),
                        Map.of());
        };
    }

    private Command onSections(Edition site, String page, String other) {
        List<String> sections =
                site.require(Page.class, page).zones().all().map(Section::id).toList();
        String section = sections.isEmpty() ? "none" : any(sections);
        return switch (chance.nextInt(6)) {
            case 0 -> new MoveSection(page, section, "main", chance.nextInt(4));
            case 4 -> new ReachSection(page, section, any(List.of(SectionPlace.Reach.values())));
            case 1 -> new CopySection(page, section, fresh());
            case 2 -> new RemoveSection(page, section);
            case 3 -> new PlaceSection(page, "main", chance.nextInt(4), fresh(), "three-features", null, List.of());
            default ->
                new SetValue(
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
