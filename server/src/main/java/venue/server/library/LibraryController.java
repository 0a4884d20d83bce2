package venue.server.library;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.carry.pack.Pack;
import venue.core.carry.pack.Report;
import venue.core.carry.pack.Shelf;
import venue.core.edition.compare.Compared;
import venue.core.model.section.Sectioned;
import venue.core.model.site.Role;
import venue.server.here.Here;
import venue.store.record.Deed;
import venue.store.record.Records;
import venue.store.workspace.Done;
import venue.store.workspace.Library;
import venue.store.workspace.Workspaces;

/** The library of all sites, as one site sees it. */
@RestController
@RequestMapping("/api/sites/{site}/library")
class LibraryController {

    private final Library library;
    private final Records records;

    LibraryController(Workspaces workspaces, Records records) {
        library = workspaces.library();
        this.records = records;
    }

    /** What there is; {@code mayGive} where whoever asks may give of this site. */
    record LibraryShelf(boolean mayGive, List<Shelf.ShelfLine> items) {}

    /** An item, by its id in the site or in the library. */
    record NamedItem(String item) {}

    /**
     * An item to take.
     *
     * @param wornBy the kind whose pages are to wear it, where it is a template
     */
    record TakenItem(String item, @Nullable String wornBy) {}

    /**
     * What taking an item, or carrying it over, would do.
     *
     * @param parts what would differ in the item itself from now, section by section
     */
    record LibraryLook(Report report, List<Compared.Part> parts) {}

    /** What was taken; {@code here} is its id in the site. */
    record LibraryTaken(long step, String here) {}

    @GetMapping
    LibraryShelf shelf(Here here) {
        return new LibraryShelf(mayGive(here), library.shelf(here.workspace()));
    }

    private static boolean mayGive(Here here) {
        return here.role() == Role.MANAGER
                && (here.person().owner() || here.person().mayGive());
    }

    /** Gives an item of the site to all sites; given again, it moves on there. */
    @PostMapping("/give")
    LibraryShelf give(Here here, @RequestBody NamedItem asked) {
        if (!mayGive(here)) {
            throw Refusal.forbidden(
                    "may-not-give",
                    "Owners give to all sites, and managers whom an owner allows it.",
                    "Ask an owner to allow it under People, or to give it.");
        }
        Pack given = library.give(here.person().id(), here.workspace(), asked.item());
        records.write(
                Deed.GIVEN_TO_ALL,
                here.by(),
                here.site(),
                null,
                given.rootItem().name());
        return shelf(here);
    }

    /** What taking an item of the library would do here; nothing is done. */
    @PostMapping("/look")
    LibraryLook look(Here here, @RequestBody NamedItem asked) {
        here.requireManager("take from the library");
        Report report = library.look(here.workspace(), asked.item());
        return new LibraryLook(report, parts(here, asked.item()));
    }

    private List<Compared.Part> parts(Here here, String item) {
        Optional<Item> then = library.foreseen(here.workspace(), item);
        Optional<Item> now = then.flatMap(t -> here.working().find(t.id()));
        return now.isPresent() && now.get() instanceof Sectioned before && then.get() instanceof Sectioned after
                ? Compared.sections(before, after).stream()
                        .filter(p -> p.state() != Compared.State.SAME)
                        .toList()
                : List.of();
    }

    /** Takes an item, or carries over what the library has changed in it, in one step. */
    @PostMapping("/take")
    LibraryTaken take(Here here, @RequestBody TakenItem asked) {
        here.requireManager("take from the library");
        Done done = library.take(here.person().id(), here.role(), here.workspace(), asked.item(), asked.wornBy());
        Shelf.ShelfLine line = library.shelf(here.workspace()).stream()
                .filter(l -> l.id().equals(asked.item()))
                .findFirst()
                .orElseThrow(() -> Refusal.unknown("item", asked.item()));
        records.write(Deed.TAKEN_FROM_LIBRARY, here.by(), here.site(), null, line.name());
        return new LibraryTaken(done.step(), String.valueOf(line.here()));
    }
}
