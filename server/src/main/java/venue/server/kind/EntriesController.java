package venue.server.kind;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.carry.table.EntryTable;
import venue.core.edition.edition.Edition;
import venue.core.model.kind.Kind;
import venue.server.here.Here;
import venue.store.workspace.Standing;

/** The entries of a kind without pages, as rows and as CSV. What is read is looked at before any of it is kept. */
@RestController
@RequestMapping("/api/sites/{site}")
class EntriesController {

    /** An entry, and the hash of its content. */
    record EntryRow(String id, Hash revision, String name, Map<String, Value> fields) {}

    /** An entry by its name, for choosing it. */
    record EntryName(String id, String name, String kind) {}

    /** Those of every kind, kind by kind in their order. */
    @GetMapping("/entries")
    List<EntryName> all(Here here) {
        Edition edition = here.working();
        return edition.all(Kind.class)
                .filter(Kind::isPageless)
                .flatMap(k -> edition.entries(k.id()).stream())
                .map(e -> new EntryName(e.id(), e.name(), e.kind()))
                .toList();
    }

    @GetMapping("/kinds/{id}/entries")
    List<EntryRow> entries(Here here, @PathVariable String id) {
        Standing now = here.now();
        now.working().require(Kind.class, id);
        return now.working().entries(id).stream()
                .map(e -> new EntryRow(e.id(), now.hashOf(e.id()), e.name(), e.fields()))
                .toList();
    }

    /** RFC 4180, UTF-8, with a heading. */
    @GetMapping("/kinds/{id}/entries.csv")
    ResponseEntity<String> csv(Here here, @PathVariable String id) {
        Edition edition = here.working();
        Kind kind = edition.require(Kind.class, id);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8;header=present"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + kind.id() + ".csv\"")
                .body(EntryTable.csv(edition, kind));
    }

    /**
     * Rows as they were written or pasted.
     *
     * @param columns for each column the key of its field, {@code name}, or an empty word; absent to have it guessed
     */
    record TableGiven(String text, @Nullable List<String> columns) {}

    /** A row as it was read, and what is wrong with it. */
    record RowRead(int number, String name, Map<String, Value> fields, List<String> troubles) {}

    /** What would be kept. */
    record TableRead(List<String> headings, List<String> columns, List<RowRead> rows) {}

    @PostMapping("/kinds/{id}/entries/read")
    TableRead read(Here here, @PathVariable String id, @RequestBody TableGiven given) {
        Edition edition = here.working();
        Kind kind = edition.require(Kind.class, id);
        List<List<String>> cells = EntryTable.cells(given.text());
        List<String> headings = cells.get(0);
        List<String> columns = given.columns() == null ? EntryTable.columns(kind, headings) : given.columns();
        List<RowRead> rows = EntryTable.read(edition, kind, cells, columns).stream()
                .map(r -> new RowRead(r.number(), r.name(), r.fields(), r.troubles()))
                .toList();
        return new TableRead(headings, columns, rows);
    }
}
