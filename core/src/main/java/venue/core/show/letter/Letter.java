package venue.core.show.letter;

import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import venue.core.basics.fault.Refusal;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Values;
import venue.core.edition.edition.Edition;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.model.property.UsualFields;
import venue.core.show.feed.Feed;
import venue.core.show.letter.Block.Band;
import venue.core.show.letter.Block.Voice;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.Rendered;
import venue.core.show.render.View;

/**
 * A letter as it goes out, with {@link #LEAVE} where each reader's own address to leave by goes.
 *
 * @param told how many entries it tells of; 0 where it is a page
 */
public record Letter(String html, String plain, int told) {

    /** Stands for the address by which whoever reads it leaves the list. No site has it (RFC 6761, 6.4). */
    public static final String LEAVE = "https://leave.invalid/";

    /** What its rules by night begin with. */
    public static final String BY_NIGHT = "@media (prefers-color-scheme:dark)";

    /** Longer letters are cut by some readers. */
    public static final int LONGEST = 100_000;

    /** What stands around what a letter is made of. */
    public record Around(String subject, String lead) {}

    /** A page as a letter. */
    public static Letter ofPage(View view, Page page, Around around) {
        String language = PageSettings.language(page, view.edition().site().language());
        List<Band> bands = Blocks.read(
                PageRenderer.render(view, page).html(), view.canonical(page), Phrase.LETTER_ON_SITE.in(language));
        boolean headed = bands.stream()
                .flatMap(b -> b.blocks().stream())
                .anyMatch(b -> b instanceof Block.Heading h && h.level() == 1);
        List<Block> begins = new ArrayList<>();
        if (!headed) {
            begins.add(new Block.Heading(1, List.of(Run.of(page.title()))));
        }
        return written(view, page, around, begins, bands, 0);
    }

    /** What is newest in a listing of a page. Refused where the page has no such listing. */
    public static Letter ofNewest(View view, Page page, String listing, LocalDate since, Around around) {
        Rendered rendered = PageRenderer.render(view, page);
        if (!rendered.fed().containsKey(listing)) {
            throw Refusal.conflict(
                    "no-listing",
                    "listing",
                    "“" + page.title() + "” has no such listing any more.",
                    "Choose what the letter is made of anew.");
        }
        Edition edition = view.edition();
        List<Band> bands = new ArrayList<>();
        for (Page one : Objects.requireNonNull(rendered.fed().get(listing)).stream()
                .limit(Feed.MOST)
                .toList()) {
            Feed.Entry entry = Feed.entry(view, one);
            if (edition.page(one.id()).isPresent() && isSince(edition, entry, since)) {
                bands.add(new Band(bands.size() % 2 == 0 ? "plain" : "tinted", false, entry(view, one, entry)));
            }
        }
        List<Block> begins = List.of(new Block.Heading(1, List.of(Run.of(around.subject()))));
        return written(view, page, around, begins, bands, bands.size());
    }

    private static boolean isSince(Edition edition, Feed.Entry entry, LocalDate since) {
        Instant at = entry.times().published() == null
                ? entry.updated()
                : entry.times().published();
        return !at.atZone(edition.site().zone()).toLocalDate().isBefore(since);
    }

    private static List<Block> entry(View view, Page page, Feed.Entry entry) {
        List<Block> blocks = new ArrayList<>();
        Edition edition = view.edition();
        edition.media(edition.words(page, UsualFields.PICTURE))
                .flatMap(m -> picture(view, m, entry.url()))
                .ifPresent(blocks::add);
        if (entry.times().start() != null) {
            String day = entry.times()
                    .start()
                    .toLocalDate()
                    .format(DateTimeFormatter.ofLocalizedDate(FormatStyle.LONG)
                            .withLocale(Locale.forLanguageTag(edition.site().language())));
            blocks.add(new Block.Words(Voice.QUIET, List.of(Run.of(day))));
        }
        blocks.add(new Block.Heading(2, List.of(new Run(entry.title(), false, false, entry.url()))));
        if (!entry.summary().isBlank()) {
            blocks.add(new Block.Words(Voice.PLAIN, List.of(Run.of(entry.summary()))));
        }
        blocks.add(new Block.Button(Phrase.READ_ON.in(edition.site().language()), entry.url()));
        return List.copyOf(blocks);
    }

    /** In the smallest of its files that is sharp where a letter is widest. */
    private static Optional<Block> picture(View view, Media media, String href) {
        return media.isPicture() && !media.widths().isEmpty()
                ? Optional.of(media.widths().stream()
                                .filter(w -> w >= 2 * HtmlLetter.WIDE)
                                .findFirst()
                                .orElse(media.widths().get(media.widths().size() - 1)))
                        .map(w -> new Block.Picture(view.origin() + media.path(w), "", w, media.heightAt(w), href))
                : Optional.empty();
    }

    private static Letter written(View view, Page page, Around around, List<Block> begins, List<Band> body, int told) {
        Edition edition = view.edition();
        String language = PageSettings.language(page, edition.site().language());
        List<Band> bands = new ArrayList<>();
        bands.add(new Band("plain", false, head(view, around, begins)));
        bands.addAll(body);
        bands.add(new Band("tinted", true, foot(view, page, language)));
        String shown = around.lead().isBlank() ? edition.words(page, UsualFields.SUMMARY) : around.lead();
        LetterLook look = LetterLook.of(edition.theme());
        return new Letter(
                HtmlLetter.write(
                        look,
                        language,
                        around.subject(),
                        shown.lines().findFirst().orElse(""),
                        bands),
                TextLetter.write(bands),
                told);
    }

    private static List<Block> head(View view, Around around, List<Block> begins) {
        Run site = new Run(view.edition().site().name(), true, false, view.origin() + "/");
        Stream<Block> lead = around.lead()
                .lines()
                .map(String::strip)
                .filter(l -> !l.isEmpty())
                .map(l -> new Block.Words(Voice.LEAD, List.of(Run.of(l))));
        return Stream.of(Stream.<Block>of(new Block.Words(Voice.QUIET, List.of(site))), begins.stream(), lead)
                .flatMap(s -> s)
                .toList();
    }

    private static List<Block> foot(View view, Page page, String language) {
        Edition edition = view.edition();
        String where = Values.text(edition.site().facts(), "postalAddress")
                .lines()
                .map(String::strip)
                .reduce((a, b) -> a + ", " + b)
                .orElse("");
        Stream<Run> from = Stream.of(edition.site().name(), where)
                .filter(w -> !w.isEmpty())
                .map(Run::of);
        List<Run> who = from.flatMap(r -> Stream.of(r, Run.BREAK)).toList();
        return List.of(
                new Block.Words(
                        Voice.QUIET,
                        List.of(new Run(Phrase.LETTER_ON_SITE.in(language), false, false, view.canonical(page)))),
                new Block.Words(Voice.QUIET, who.subList(0, who.size() - 1)),
                new Block.Words(
                        Voice.QUIET,
                        List.of(
                                Run.of(Phrase.LETTER_WHY.in(language) + " "),
                                new Run(Phrase.LETTER_LEAVE.in(language), false, false, LEAVE))));
    }
}
