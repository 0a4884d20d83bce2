package venue.core.body.element;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.many;
import static venue.core.model.property.Property.number;
import static venue.core.model.property.Property.of;
import static venue.core.model.property.PropertyType.ENTRY;
import static venue.core.model.property.PropertyType.FIELD;
import static venue.core.model.property.PropertyType.KIND;
import static venue.core.model.property.PropertyType.PAGE;
import static venue.core.model.property.PropertyType.WORDS;
import static venue.core.model.property.PropertyType.YES_NO;

import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.model.property.Property;
import venue.core.model.theme.CardShape;

/** What can be said of a listing, under the headings by which it is asked. */
final class ListingSettings {

    private static final List<Property> WHAT = List.of(
            choice(
                    "source",
                    "Shows",
                    "kind=Everything of a kind",
                    "beneath=What stands beneath a page",
                    "children=What stands beneath this page",
                    "siblings=What stands beside this page",
                    "chosen=What is chosen by name",
                    "named=What a field of this page points to",
                    "naming=What points to this page",
                    "topics=What shares a topic with this page"),
            of("kind", "Of the kind", KIND).onlyWhen("source!=chosen"),
            many("also", "And of these kinds", of("kind", "Kind", KIND)).onlyWhen("source!=chosen"),
            of("branch", "Beneath", PAGE).onlyWhen("source=beneath"),
            of("deep", "At every depth", YES_NO).fallback(Value.of(true)).onlyWhen("source=beneath|children"),
            many("chosen", "Chosen", of("page", "Page or entry", ENTRY)).onlyWhen("source=chosen"),
            of("field", "By the field", FIELD)
                    .onlyWhen("source=named|naming")
                    .help("What points to this page does so by any field until one is chosen."),
            choice("which", "Which", "all=All", "coming=Those to come", "now=Those on now", "past=Those past")
                    .help("By the field “date”; one named “until” says when it is over, else the date itself does."),
            many(
                            "conditions",
                            "Only where",
                            of("field", "Field", FIELD),
                            choice(
                                    "test",
                                    "Test",
                                    "is=is",
                                    "not=is not",
                                    "contains=contains",
                                    "set=is filled in",
                                    "unset=is empty",
                                    "less=is less, or before",
                                    "more=is more, or after"),
                            of("value", "Value", WORDS).longest(200))
                    .help("A day is written like 2026-11-27; “today” is the day on which the page is looked at."),
            choice("match", "Of the conditions", "all=all must hold", "any=one is enough")
                    .onlyWhen("conditions"),
            of("fresh", "Without what a listing above shows", YES_NO).fallback(Value.of(false)),
            many("except", "Left out by name", of("page", "Page or entry", ENTRY)));

    private static final List<Property> ORDER = List.of(
            choice(
                            "order",
                            "Order",
                            "newest=Newest first",
                            "soonest=Soonest first",
                            "plan=As in the plan or the table",
                            "title=By title",
                            "changed=Last changed first",
                            "read=Most read first",
                            "rated=Best rated first",
                            "field=By a field")
                    .help(
                            "How pages are read and rated is ordered anew at midnight; a page that few have rated stands nearer the middle.")
                    .onlyWhen("source!=chosen"),
            of("by", "Field", FIELD).onlyWhen("order=field"),
            of("reversed", "The other way round", YES_NO)
                    .fallback(Value.of(false))
                    .onlyWhen("order=plan|title|changed|read|rated|field"),
            many("first", "Kept first", of("page", "Page or entry", ENTRY)),
            choice("amount", "How many", "some=So many", "paged=In pages of so many", "all=All")
                    .help("All: the first 1,000."),
            number("limit", "At most", 1, 100, 6, "").onlyWhen("amount=some|paged"),
            number("skip", "Passing over the first", 0, 1000, 0, ""),
            choice(
                    "group",
                    "Grouped",
                    "none=Not",
                    "month=By month",
                    "year=By year",
                    "letter=By first letter",
                    "field=By a field"),
            of("groupBy", "Field", FIELD).onlyWhen("group=field"),
            number("groups", "Of the groups, at most", 0, 240, 0, "")
                    .onlyWhen("group!=none")
                    .help("0: all of them."),
            of("jump", "With an index to jump by", YES_NO)
                    .fallback(Value.of(true))
                    .onlyWhen("group!=none"));

    private static final List<Property> LAYOUT = List.of(
            ListingLayouts.declared(),
            choice("across", "Side by side", "auto=As many as fit", "1=1", "2=2", "3=3", "4=4", "5=5", "6=6")
                    .onlyWhen(ListingLayouts.showing("across")),
            choice("cards", "Cards", CardShape.ownChoices()).onlyWhen(ListingLayouts.showing("cards")));

    private static final List<Property> EACH = List.of(
            of("pictures", "Pictures", YES_NO).fallback(Value.of(true)).onlyWhen(ListingLayouts.showing("pictures")),
            choice("crop", "Cut", "even=All alike", "whole=As they are", "square=Square", "round=Round")
                    .onlyWhen(ListingLayouts.showing("crop")),
            choice("missing", "Without a picture", "plain=Words alone", "drawn=A drawn stand-in")
                    .onlyWhen(ListingLayouts.showing("missing")),
            of("titles", "Titles", YES_NO)
                    .fallback(Value.of(true))
                    .onlyWhen(ListingLayouts.showing("titles"))
                    .help("Without them they are still said to those who don’t see the pictures."),
            of("dates", "Dates", YES_NO).fallback(Value.of(true)),
            choice(
                            "dateForm",
                            "Date as",
                            "full=Friday 27 November 2026, 19:00",
                            "short=Fri 27 Nov, 19:00",
                            "day=27 November 2026",
                            "month=November 2026")
                    .onlyWhen("dates"),
            of("kicker", "Above the title", FIELD),
            of("summaries", "Summaries", YES_NO).fallback(Value.of(true)),
            of("whole", "Whole text", YES_NO).fallback(Value.of(false)).onlyWhen(ListingLayouts.showing("whole")),
            of("topics", "Topics", YES_NO).fallback(Value.of(false)),
            of("counted", "How many name it", YES_NO)
                    .fallback(Value.of(false))
                    .help("For topics and persons: how many pages point to each."),
            of("person", "Person", YES_NO).fallback(Value.of(false)),
            of("facts", "Facts", YES_NO)
                    .fallback(Value.of(true))
                    .help("The fields that the kind shows in listings, or those chosen here."),
            many("fields", "Chosen fields", of("field", "Field", FIELD))
                    .help("In a table they are its columns, in this order."),
            of("labels", "With their labels", YES_NO).fallback(Value.of(true)).onlyWhen("facts"),
            choice("contacts", "Contacts", "none=None", "words=As words", "signs=As signs", "buttons=As buttons")
                    .onlyWhen(ListingLayouts.showing("contacts"))
                    .help("From their own fields “email” and “phone”."),
            of("take", "Take it along", YES_NO)
                    .fallback(Value.of(true))
                    .help("Where their kind can be taken along and they have a price."),
            of("rating", "How it is rated", YES_NO).fallback(Value.of(false)),
            of("comments", "How many comments", YES_NO).fallback(Value.of(false)),
            of("button", "Words of a button", WORDS).longest(60).onlyWhen(ListingLayouts.showing("button")));

    private static final List<Property> VISITORS = List.of(
            many("choose", "Visitors may choose by", of("field", "Field", FIELD)),
            of("byYear", "By year", YES_NO).fallback(Value.of(false)),
            of("byWords", "By words", YES_NO).fallback(Value.of(false)),
            of("feed", "Can be followed", YES_NO)
                    .fallback(Value.of(false))
                    .help("As a feed (Atom, JSON Feed), and as a calendar where entries have dates."),
            of("called", "Its name in addresses", WORDS)
                    .notWords()
                    .longest(40)
                    .help("For a second listing on a page whose rest stands on further pages: ADDRESS/-/NAME/2."),
            of("empty", "When there is none", WORDS)
                    .longest(300)
                    .help("Words for visitors; without them the listing is left out."));

    private ListingSettings() {}

    static Property[] all() {
        return Stream.of(
                        under("What", WHAT),
                        under("Order and number", ORDER),
                        under("Layout", LAYOUT),
                        under("Shown of each", EACH),
                        under("For visitors", VISITORS))
                .flatMap(s -> s)
                .toArray(Property[]::new);
    }

    private static Stream<Property> under(String heading, List<Property> settings) {
        return settings.stream().map(s -> s.under(heading));
    }
}
