package venue.core.show.render;

import static java.util.Map.entry;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.model.property.PropertyType;

/** Made-up words for each place of an element, taken in turn: of no trade in particular, and as long as such words are. */
final class SampleWords {

    private static final String SENTENCE = "Come as you are; somebody will show you round and put the kettle on.";

    private static final String STORY =
            "It began with three people, a borrowed key and a good deal of tea. Nobody expected a second year."
                    + "</p><p>Since then the roof has been mended twice, the garden has grown over the wall,"
                    + " and the kettle has never quite gone cold.";

    private static final Map<String, List<String>> SAMPLES = Map.ofEntries(
            entry(
                    "heading.text",
                    List.of(
                            "Made by hand, open to all",
                            "Begin with an hour",
                            "Bring a friend",
                            "What stays with you",
                            "A house with a long table",
                            "Learn it once, keep it",
                            "Every Thursday until nine",
                            "Small rooms, good light",
                            "Who mends the roof")),
            entry("heading.kicker", List.of("Since 1931", "On Thursdays", "For families")),
            entry(
                    "text.text",
                    List.of(
                            SENTENCE,
                            "Open on most days, and on Thursdays until nine.",
                            "Small groups, patient people, and no question that is too simple.")),
            entry("buttons.label", List.of("Plan a visit", "See the dates")),
            entry(
                    "quote.words",
                    List.of(
                            "I came for an hour and left when they put the chairs up.",
                            "They remembered my name, and how I take my tea.",
                            "We have been back every month since.")),
            entry("quote.person", List.of("Ilse Marrow", "Teodor Brand", "Amara Finch")),
            entry("figures.figure", List.of("1,240", "38", "212", "6")),
            entry("figures.label", List.of("Visitors last year", "Volunteers", "Evenings", "Rooms")),
            entry("film.caption", List.of("Two minutes of an ordinary Thursday.")),
            entry("image.caption", List.of("Taken on a quiet evening in spring.")),
            entry("logos.name", List.of("Hollin & Daughters", "The Ford Trust", "Parish of Lea", "Old Mill")),
            entry("notice.title", List.of("Closed on Monday")),
            entry("notice.words", List.of("<p>We are mending the stairs, and open again on Tuesday at ten.</p>")),
            entry("offers.name", List.of("A day", "A year", "The whole family")),
            entry("offers.price", List.of("£6", "£32", "£48")),
            entry("offers.per", List.of("each", "a year", "a year")),
            entry(
                    "offers.words",
                    List.of(
                            "<p>All the rooms, and tea.</p>",
                            "<p>As often as you like, and a letter each season.</p>",
                            "<p>Everybody at one address.</p>")),
            entry("offers.label", List.of("Buy a ticket", "Join", "Join")),
            entry("people.name", List.of("Ilse Marrow", "Teodor Brand", "Amara Finch", "Jonas Ley")),
            entry("people.role", List.of("Runs the house", "Teaches on Thursdays", "Keeps the books", "Garden")),
            entry("people.email", List.of("ilse@house.example", "teodor@house.example", "amara@house.example")),
            entry("place.name", List.of("The old school, Mill Lane")),
            entry("place.words", List.of("<p>Five minutes on foot from the bridge; the bus stops at the gate.</p>")),
            entry(
                    "questions.question",
                    List.of(
                            "Do I have to book?",
                            "May children come?",
                            "Is there a step at the door?",
                            "What does it cost?")),
            entry(
                    "questions.answer",
                    List.of(
                            "<p>Only for groups of more than eight. Everybody else just comes.</p>",
                            "<p>Yes, and there is a table for them.</p>")),
            entry("steps.name", List.of("Choose a day", "Tell us who comes", "Come as you are")),
            entry(
                    "steps.words",
                    List.of(
                            "<p>The calendar shows what is free.</p>",
                            "<p>Names, and what you can’t eat.</p>",
                            "<p>We meet at the gate at ten.</p>")),
            entry("timeline.when", List.of("1931", "1964", "2019")),
            entry("timeline.name", List.of("A shed and six friends", "A roof of our own", "Open every day")),
            entry(
                    "timeline.words",
                    List.of(
                            "<p>They met on Thursdays, when the ferry didn’t run.</p>",
                            "<p>Paid for in jam.</p>",
                            "<p>And nobody remembers it otherwise.</p>")),
            entry("countdown.words", List.of("until the doors open")),
            entry("table.cells", List.of("Who\tOne day\tA year\nGrown-up\t£6\t£32\nChild\t£3\t£16\nFamily\t£14\t£48")));

    private final Map<String, Integer> turns = new HashMap<>();
    private final int from;

    /** @param from which of the samples come first */
    SampleWords(int from) {
        this.from = from;
    }

    /** The next sample for a place, or none where words would say nothing. */
    @Nullable
    Value of(String place, PropertyType type, String prompt) {
        List<String> samples = SAMPLES.get(place);
        if (samples == null) {
            return null;
        }
        if (place.equals("text.text") && prompt.contains("paragraph")) {
            return Value.of("<p>" + STORY + "</p>");
        }
        String words = samples.get((from + turns.merge(place, 1, Integer::sum)) % samples.size());
        return Value.of(type == PropertyType.RICH && !words.startsWith("<") ? "<p>" + words + "</p>" : words);
    }
}
