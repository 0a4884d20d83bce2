package venue.core.live.address;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.link.Link;
import venue.core.carry.table.Csv;
import venue.core.change.edit.Command;
import venue.core.change.edit.Desk;
import venue.core.change.edit.redirect.RedirectCommand;
import venue.core.edition.edition.Edition;
import venue.core.live.address.AtAddress.Here;
import venue.core.live.address.AtAddress.Moved;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;

/**
 * The addresses that lead on, as a table: from, and to: the address of a page of the site, with the section behind a {@code #}; an
 * address of another site; or {@code gone}.
 */
public final class AddressTable {

    /** The most rows that are read at once. */
    static final int MOST = 5_000;

    private static final String GONE = "gone";

    private AddressTable() {}

    /** What a row would do. */
    public enum Does {
        NEW,
        OTHERWISE,
        NOTHING,
        REFUSED
    }

    /**
     * A row as it was read.
     *
     * @param number from 1, without the heading
     * @param why why it is refused, with the way out; or empty
     * @param command what would be done; absent where nothing would
     */
    public record Row(
            int number,
            String from,
            String to,
            Does does,
            String why,
            @Nullable Command command) {}

    public static String csv(Edition edition) {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("From", "To"));
        edition.all(Redirect.class)
                .sorted(Comparator.comparing(Redirect::from))
                .forEach(r -> rows.add(List.of(r.from(), to(edition, r))));
        return Csv.write(rows);
    }

    private static String to(Edition edition, Redirect redirect) {
        Optional<Link> leads = redirect.leads();
        if (leads.flatMap(Link::pageId).isPresent()) {
            return leads.flatMap(Link::pageId)
                    .flatMap(edition::page)
                    .map(p -> edition.servedAt(p) + leads.get().anchor())
                    .orElse(GONE);
        }
        return leads.map(to ->
                        to.mediaId().flatMap(edition::media).map(Media::path).orElse(to.target()))
                .orElse(GONE);
    }

    /** What a table would do, row by row; nothing is done yet. */
    public static List<Row> read(Desk desk, String given) {
        List<List<String>> cells = Csv.read(given, MOST);
        Set<String> seen = new HashSet<>();
        List<Row> rows = new ArrayList<>();
        for (int i = 1; i < cells.size(); i++) {
            rows.add(row(desk, i, cell(cells.get(i), 0), cell(cells.get(i), 1), seen));
        }
        return rows;
    }

    private static String cell(List<String> cells, int at) {
        return at < cells.size() ? cells.get(at).strip() : "";
    }

    private static Row row(Desk desk, int number, String from, String to, Set<String> seen) {
        Edition edition = desk.edition();
        Optional<Redirect> now = edition.redirectFrom(from);
        if (now.isPresent()
                && to(edition, now.get()).equals(to)
                && seen.add(now.get().id())) {
            return new Row(number, from, to, Does.NOTHING, "", null);
        }
        try {
            Command command = to.equalsIgnoreCase(GONE)
                    ? RedirectCommand.sayGone(from)
                    : RedirectCommand.leadOn(from, link(edition, to));
            String id = command.on(desk).put().get(0).id();
            if (!seen.add(id)) {
                return refused(
                        number, from, to, "An earlier row says where this address leads. Leave one of them out.");
            }
            return new Row(number, from, to, edition.find(id).isPresent() ? Does.OTHERWISE : Does.NEW, "", command);
        } catch (Refusal refusal) {
            return refused(number, from, to, refusal.getMessage() + " " + refusal.fix());
        }
    }

    private static Row refused(int number, String from, String to, String why) {
        return new Row(number, from, to, Does.REFUSED, why, null);
    }

    private static Link link(Edition edition, String to) {
        if (!to.startsWith("/")) {
            return new Link(to);
        }
        int hash = to.indexOf('#');
        AtAddress there = Addresses.ofAll(edition).at(hash < 0 ? to : to.substring(0, hash));
        Optional<Page> page = there instanceof Here here
                ? Optional.of(here.page())
                : there instanceof Moved moved ? Optional.of(moved.page()) : Optional.empty();
        return page.map(p -> new Link(Link.toPage(p.id()).target() + (hash < 0 ? "" : to.substring(hash))))
                .orElseThrow(() -> Refusal.badInput(
                        "leads-nowhere",
                        "to",
                        "No page stands at “" + to + "”.",
                        "Give the address of a page, one that begins with https://, or “gone”."));
    }
}
