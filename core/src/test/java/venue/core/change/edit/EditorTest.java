package venue.core.change.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import venue.core.Mischief;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.change.edit.page.PageCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.merge.Archive;
import venue.core.model.page.Page;
import venue.core.model.site.Site;

class EditorTest {

    private final Archive contents = mock(Archive.class);
    private final Editor editor = new Editor(contents);
    private final Edition site = Sites.small();

    /** Steps taken back one after another, the last first, give the very site that was there. */
    @Property(tries = 60)
    void takingStepsBackGivesExactlyWhatWas(@ForAll long seed) {
        Mischief mischief = new Mischief(seed);
        Edition start = Sites.small();
        Edition now = start;
        Deque<List<Editor.Reversal>> done = new ArrayDeque<>();
        for (int i = 0; i < 15; i++) {
            Edition before = now;
            try {
                Editor.Edited edited = editor.run(Sites.desk(before), mischief.command(before), Map.of());
                done.push(reversals(before, edited));
                now = edited.after();
            } catch (Refusal refused) {
                assertThat(refused.fix()).as(refused.code()).isNotBlank();
            }
        }
        while (!done.isEmpty()) {
            now = editor.reverse(Sites.desk(now), "step", done.pop()).after();
        }
        assertThat(now.items()).containsExactlyInAnyOrderElementsOf(start.items());
    }

    private static List<Editor.Reversal> reversals(Edition before, Editor.Edited edited) {
        return Stream.concat(edited.change().put().stream().map(Item::id), edited.change().removed().stream())
                .map(id -> new Editor.Reversal(
                        id,
                        before.find(id).orElse(null),
                        edited.after().find(id).orElse(null)))
                .toList();
    }

    @Test
    void whatNoWorkingCopyMayBecomeIsRefusedHoweverItCameAbout() {
        Page weaving = site.require(Page.class, "weaving");
        Page workshops = site.require(Page.class, "workshops");
        refuses("segment-taken", new Editor.Reversal("x", copy(weaving, "x"), null));
        refuses("parent-gone", new Editor.Reversal("x", copy(weaving.withPlace("gone", 1), "x"), null));
        refuses("beneath-itself", new Editor.Reversal("workshops", workshops.withPlace("weaving", 1), workshops));
        refuses("has-pages-beneath", new Editor.Reversal("workshops", null, workshops));
        refuses("home-stays", new Editor.Reversal("home", null, site.require(Page.class, "home")));
        Site none = site.site().withLook("gone");
        refuses("unknown-look", new Editor.Reversal(Site.ID, none, site.site()));
    }

    private void refuses(String code, Editor.Reversal step) {
        assertThatThrownBy(() -> editor.reverse(Sites.desk(site), "step", List.of(step)))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo(code));
    }

    private static Page copy(Page page, String id) {
        return Page.of(id, page.title(), page.segment(), page.kind())
                .withPlace(page.parent(), page.position())
                .withZones(page.zones());
    }

    @Test
    void aContentThatNeverWasIsRefusedAndNotTakenAsNothingSeen() {
        when(contents.past(any(), any())).thenReturn(Optional.empty());
        assertThatThrownBy(() -> editor.run(
                        Sites.desk(site),
                        PageCommand.setTitle("weaving", "Looms"),
                        Map.of("weaving", new Hash("never"))))
                .isInstanceOfSatisfying(Refusal.class, r -> {
                    assertThat(r.code()).isEqualTo("unknown-revision");
                    assertThat(r.field()).isEqualTo("seen.weaving");
                });
    }

    @Test
    void whatSomebodySawAndIsNotThereAnyMoreIsNamed() {
        assertThatThrownBy(() ->
                        editor.run(Sites.desk(site), PageCommand.setTitle("home", "x"), Map.of("gone", new Hash("h"))))
                .hasMessageContaining("gone");
    }

    @Test
    void aStepWhoseWorkWasChangedSinceIsNotTakenBackOverIt() {
        Page made = site.require(Page.class, "weaving");
        Edition later = Sites.after(site, PageCommand.setTitle("weaving", "Looms"));
        assertThatThrownBy(() -> editor.reverse(
                        Sites.desk(later), "make Weaving", List.of(new Editor.Reversal("weaving", null, made))))
                .hasMessageContaining("“make Weaving” can't be undone");
    }
}
