package venue.core.change.edit.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.value.Value;
import venue.core.change.edit.Command;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.FormUse;
import venue.core.live.release.ReleaseEntry;
import venue.core.live.release.ReleasePlan;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.page.Page;
import venue.core.model.section.SharedSection;
import venue.core.model.section.Zones;
import venue.core.sort.ReachedPages;
import venue.core.sort.Sorts;
import venue.core.sort.Walk;

/** Forms as they are made, changed, placed, released and taken away. */
class FormCommandTest {

    private static Edition made() {
        return Sites.after(Sites.small(), FormCommand.makeForm("ask", " Ask  us ", "form-contact"));
    }

    private static Edition placed(Edition site) {
        Page page = site.require(Page.class, "weaving")
                .withZones(new Zones(Map.of(
                        "main", List.of(section("s1", "S", part("form").with("form", "ask"))))));
        return site.with(List.of(page), List.of());
    }

    private static Form form(Edition site) {
        return site.require(Form.class, "ask");
    }

    private static void refused(Edition site, Command command, String code) {
        assertThatThrownBy(() -> Sites.after(site, command)).hasFieldOrPropertyWithValue("code", code);
    }

    @Test
    void oneIsMadeReadyMadeEmptyOrLikeAnother() {
        Edition site = made();
        assertThat(form(site).name()).isEqualTo("Ask us");
        assertThat(form(site).fields()).extracting(FormField::key).containsExactly("name", "email", "words", "consent");
        Edition copied = Sites.after(site, FormCommand.makeForm("again", "Ask again", "ask"));
        assertThat(copied.require(Form.class, "again").fields())
                .isEqualTo(form(site).fields());
        assertThat(Sites.after(site, FormCommand.makeForm("none", "Empty", null))
                        .require(Form.class, "none")
                        .fields())
                .isEmpty();
        refused(site, FormCommand.makeForm("ask", "Other", null), "id-taken");
        refused(site, FormCommand.makeForm("other", "ask US", null), "name-taken");
        refused(site, FormCommand.makeForm("other", "\u200b", null), "bad-name");
        refused(site, FormCommand.makeForm("other", "Other", "nothing-such"), "unknown-form");
        assertThat(form(Sites.after(site, FormCommand.nameForm("ask", "Write"))).name())
                .isEqualTo("Write");
    }

    @Test
    void itsFieldsAreHeldAgainstWhatTheyDeclareAndNameWhatIsThere() {
        Edition site = made();
        List<FormField> fields = new ArrayList<>(form(site).fields());
        fields.add(FormField.of("which", "Which?", "pick").with("kind", "standard"));
        assertThat(form(Sites.after(site, FormCommand.setFormFields("ask", fields)))
                        .fields())
                .hasSize(5);
        fields.set(4, FormField.of("which", "Which?", "pick").with("kind", "gone"));
        refused(site, FormCommand.setFormFields("ask", fields), "unknown-kind");
        fields.set(4, FormField.of("name", "Twice", "words"));
        refused(site, FormCommand.setFormFields("ask", fields), "key-twice");
        Edition set = Sites.after(site, ValueCommand.setValue("ask", null, null, "months", Value.of(3)));
        assertThat(form(set).months()).isEqualTo(3);
        refused(site, ValueCommand.setValue("ask", null, null, "months", Value.of(0)), "out-of-range");
        refused(site, ValueCommand.setValue("ask", null, null, "copies", Value.of("noor\n")), "bad-line");
        refused(site, ValueCommand.setValue("ask", null, null, "page", Value.of("nowhere")), "unknown-page");
        Edition leads = Sites.after(
                Sites.after(site, ValueCommand.setValue("ask", null, null, "after", Value.of("address"))),
                ValueCommand.setValue("ask", null, null, "address", Value.of("https://rooms.example/free")));
        assertThat(form(leads).nextAddress()).contains("https://rooms.example/free");
        assertThat(form(leads).nextPage()).isEmpty();
        assertThat(form(leads).handsOn()).isFalse();
    }

    @Test
    void itIsKnownWhereItStandsAndStaysAsLongAsItDoes() {
        Edition site = placed(made());
        assertThat(FormUse.pages(site, "ask")).containsExactly("weaving");
        assertThat(ReachedPages.of(site, form(site)).ids()).containsExactly("weaving");
        refused(site, FormCommand.removeForm("ask"), "form-placed");
        assertThat(form(Sites.after(site, FormCommand.retireForm("ask", true))).retired())
                .isTrue();
        assertThat(Sites.after(made(), FormCommand.removeForm("ask")).find(Form.class, "ask"))
                .isEmpty();

        SharedSection foot =
                new SharedSection("foot", section("f1", "F", part("form").with("form", "ask")));
        Edition everywhere = made().with(List.of(foot), List.of());
        assertThat(FormUse.pages(everywhere, "ask")).isEmpty();
        Edition standing = everywhere.with(List.of(everywhere.site().withFoot(List.of("foot"))), List.of());
        assertThat(FormUse.pages(standing, "ask")).hasSize(standing.plan().size());
    }

    @Test
    void aPageBringsItsFormToVisitorsAndTheFormWhatItNames() {
        Edition site = placed(made());
        ReleasePlan plan = ReleasePlan.of(Edition.of(List.of()), site);
        assertThat(plan.entries())
                .filteredOn(e -> e.item().equals("weaving"))
                .flatExtracting(ReleaseEntry::needs)
                .contains("ask");
        Edition leads = Sites.after(
                Sites.after(site, ValueCommand.setValue("ask", null, null, "after", Value.of("page"))),
                ValueCommand.setValue("ask", null, null, "page", Value.of("home")));
        assertThat(ReleasePlan.of(Edition.of(List.of()), leads).entries())
                .filteredOn(e -> e.item().equals("ask"))
                .flatExtracting(ReleaseEntry::needs)
                .contains("home");
    }

    @Test
    void whatDiffersIsToldAndItIsCarriedUnderOtherNames() {
        Edition site = made();
        Form before = form(site);
        assertThat(Sorts.note(before)).isEqualTo("4 fields");
        List<FormField> fields = new ArrayList<>(before.fields());
        fields.remove(0);
        fields.add(FormField.of("which", "Which?", "pick").with("kind", "standard"));
        Form after = before.asking(fields).called("Write").retired(true);
        assertThat(Sorts.tells(before, after, new venue.core.sort.Between(site, site)))
                .containsExactly(
                        "Renamed from “Ask us”",
                        "Takes no more answers",
                        "Asks for “Which?”",
                        "Does not ask for “Your name” any more");
        assertThat(Sorts.tells(null, after, new venue.core.sort.Between(site, site)))
                .containsExactly("New");
        Walk walk = new Walk(id -> Optional.of(id.equals("standard") ? "plain-page" : id), Walk.fieldsOf(site::find));
        assertThat(walk.item(after, "other")).hasValueSatisfying(item -> {
            Form carried = (Form) item;
            assertThat(carried.field("which").orElseThrow().settings()).containsEntry("kind", Value.of("plain-page"));
            assertThat(carried.id()).isEqualTo("other");
        });
    }
}
