package venue.core.model.kind;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;

import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.model.gate.GateSettings;
import venue.core.model.part.PagePart;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.theme.ThemeSettings;

/** The declared settings of a kind: how its pages are made, and by whom. */
public final class KindSettings {

    /** What may stand beneath: a list of kinds; absent for what is inherited, empty for nothing. */
    public static final Property MAY_HOLD = many("mayHold", "May stand beneath", of("kind", "Kind", PropertyType.KIND))
            .help("The kinds of page that may stand beneath.");

    private static final List<Property> OWN = List.of(
            of("pageless", "Entries without pages", PropertyType.YES_NO)
                    .fallback(Value.of(false))
                    .help("They have no address and are shown by listings: partners, opening hours, dates."),
            of("topics", "Its pages are topics", PropertyType.YES_NO)
                    .fallback(Value.of(false))
                    .help("Words of the site that other pages name in a field of topics; each has a page of its own."),
            of("takenAlong", "Can be taken along", PropertyType.YES_NO)
                    .fallback(Value.of(false))
                    .help(
                            "Visitors put its pages or entries into the basket. What each costs says a number with the key “price” whose unit"
                                    + " is a currency, as EUR; how many there are, one with the key “left”: at 0 it is sold out."),
            choice("comments", "Comments", "none=None", "held=Once somebody has let them through", "once=At once")
                    .help("They stand where the element Comments is. A page may say otherwise."),
            number("commentsDays", "Comments close after", 0, 3_650, 0, "days")
                    .onlyWhen("comments=held|once")
                    .help("Counted from the field “date”; 0, or without one: never."),
            of("offeredFirst", "Offered first", PropertyType.YES_NO)
                    .fallback(Value.of(false))
                    .help("Stands among the first when a page is made."),
            choice("startsIn", "First writing in", "galley=The galley, beside the proof", "form=The form"),
            choice("madeBy", "Made by", "EDITOR=Editors and managers", "MANAGER=Managers only"),
            choice("changedBy", "Changed by", "EDITOR=Editors and managers", "MANAGER=Managers only"),
            choice(
                    "band",
                    "Title band",
                    "template=As the template says",
                    "words=With words",
                    "picture=With the page's picture",
                    "none=None"),
            choice(
                            "sides",
                            "Columns beside the content",
                            "template=As the template says",
                            "none=None",
                            "left=Left",
                            "right=Right",
                            "both=Both")
                    .help("What stands in them: the template’s sections, and sections on every page that stand there."),
            choice(
                            "meaning",
                            "To search engines",
                            "none=Just a page",
                            "article=An article",
                            "event=An event",
                            "person=A person")
                    .help(
                            "Told from declared fields alone: date, until, person, place, role, picture, summary (schema.org)."),
            MAY_HOLD);

    private static final List<Property> ALL = Stream.of(OWN, GateSettings.inherited(), PagePart.ofKinds())
            .flatMap(List::stream)
            .toList();

    private static final List<Property> KEPT =
            Stream.concat(ALL.stream(), ThemeSettings.ofKinds().stream()).toList();

    private KindSettings() {}

    public static List<Property> all() {
        return ALL;
    }

    /** All that a kind keeps: its own, and those in which its pages differ from the theme. */
    public static List<Property> kept() {
        return KEPT;
    }
}
