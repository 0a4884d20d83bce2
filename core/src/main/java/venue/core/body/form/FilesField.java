package venue.core.body.form;

import static venue.core.model.property.Property.choice;
import static venue.core.model.property.Property.number;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.basics.text.Phrase;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.property.Property;

/**
 * Files that are sent along. What comes for it are not the files: whoever takes them in keeps each, and says of it what {@link SentFile}
 * says. Those that wait from a sending before come by a second name.
 */
public final class FilesField extends FieldKind {

    static final String KEY = "files";

    /** The most that the files of one sending have together, in bytes. */
    public static final long MOST_BYTES = 20_000_000;

    private static final int MEGA = 1_000_000;
    private static final Property SORTS = choice(
            "sorts", "What may be sent", "pictures=Pictures", "documents=Documents", "any=Pictures and documents");
    private static final Property SIZE = number("size", "The largest has", 1, 10, 5, "MB");
    private static final Property MOST = number("most", "At most", 1, 5, 1, "files");

    FilesField() {
        super(KEY, "Files", SORTS, SIZE, MOST);
    }

    /** Whether a form asks for files: it is sent in parts then (RFC 7578). */
    public static boolean isIn(Form form) {
        return form.fields().stream().anyMatch(FilesField::is);
    }

    public static boolean is(FormField field) {
        return field.type().equals(KEY);
    }

    /** The name by which files come that wait from before. */
    public static String kept(FormField field) {
        return field.key() + ".kept";
    }

    public static long mostBytes(FormField field) {
        return Long.parseLong(field.said(SIZE)) * MEGA;
    }

    /** Whether a file of this sort is taken. */
    public static boolean takes(FormField field, String ending) {
        return endings(field).anyMatch(ending::equals);
    }

    private static Stream<String> endings(FormField field) {
        String sorts = field.said(SORTS);
        return Stream.concat(
                sorts.equals("documents") ? Stream.of() : FileSigns.PICTURES.stream(),
                sorts.equals("pictures") ? Stream.of() : FileSigns.DOCUMENTS.stream());
    }

    @Override
    public List<String> names(FormField field) {
        return List.of(field.key(), kept(field));
    }

    @Override
    public Control control(FormField field, AtHand around) {
        return new Control.Files(
                endings(field).map(e -> "." + e).collect(Collectors.joining(",")), most(field), sorts(field));
    }

    public static int most(FormField field) {
        return Integer.parseInt(field.said(MOST));
    }

    /** “JPG, PNG, WEBP, GIF · 5 MB”. */
    private static String sorts(FormField field) {
        return endings(field).map(e -> e.toUpperCase(Locale.ROOT)).collect(Collectors.joining(", ")) + " · "
                + field.said(SIZE) + " MB";
    }

    @Override
    List<String> read(FormField field, Posted posted) {
        return names(field).stream()
                .flatMap(n -> posted.all(n).stream())
                .filter(v -> SentFile.read(v).isPresent())
                .distinct()
                .limit(100)
                .toList();
    }

    @Override
    Phrase missing() {
        return Phrase.FIELD_CHOOSE;
    }

    @Override
    Optional<Mistake> wrong(FormField field, List<String> values, AtHand around) {
        List<SentFile> files =
                values.stream().flatMap(v -> SentFile.read(v).stream()).toList();
        return files.size() > most(field)
                ? Optional.of(Mistake.of(Phrase.FIELD_FILES_MANY, String.valueOf(most(field))))
                : files.stream().flatMap(f -> wrong(field, f).stream()).findFirst();
    }

    private static Optional<Mistake> wrong(FormField field, SentFile file) {
        if (file.bytes() > mostBytes(field)) {
            return Optional.of(Mistake.of(Phrase.FIELD_FILE_LARGE, file.name(), field.said(SIZE)));
        }
        if (!takes(field, file.ending())) {
            return Optional.of(Mistake.of(Phrase.FIELD_FILE_SORT, file.name(), sorts(field)));
        }
        return file.isTaken() ? Optional.empty() : Optional.of(Mistake.of(Phrase.FIELD_FILE_LATER, file.name()));
    }

    @Override
    public String inWords(FormField field, List<String> values, AtHand around) {
        return values.stream()
                .flatMap(v -> SentFile.read(v).stream())
                .map(f -> f.words(around.locale()))
                .collect(Collectors.joining(", "));
    }
}
