package venue.server.live;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.apache.catalina.connector.Request;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.apache.tomcat.util.http.fileupload.FileItemIterator;
import org.apache.tomcat.util.http.fileupload.FileItemStream;
import org.apache.tomcat.util.http.fileupload.FileUpload;
import org.apache.tomcat.util.http.fileupload.servlet.ServletRequestContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.core.body.form.FileSigns;
import venue.core.body.form.FilesField;
import venue.core.body.form.FormNames;
import venue.core.body.form.SentFile;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.FormUse;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.store.answer.AnswerFiles;
import venue.store.workspace.Workspace;

/**
 * Reads what came with a form: words as they are, and of one that came in parts (RFC 7578) files, each kept at once as far as the form
 * takes it. Little is read of what is too large, and few are read in parts at once.
 */
@Component
class FormBodies {

    private static final long MOST_BYTES = FilesField.MOST_BYTES + 500_000;

    private static final int MOST_WORDS = 256 * 1024;
    private static final int MOST_FILES = 40;
    private static final int AT_ONCE = 16;
    private static final int FROM_ONE = 3;

    private final AnswerFiles files;
    /** How many are read at this moment, by the network from which they come. */
    private final Map<String, Integer> reading = new ConcurrentHashMap<>();

    FormBodies(AnswerFiles files) {
        this.files = files;
    }

    /** Whether it is a form, by what it says of itself. */
    static boolean isForm(Request asked) {
        return isOf("application/x-www-form-urlencoded", asked) || comesInParts(asked);
    }

    /** The most that is read of it. */
    static long most(Request asked) {
        return comesInParts(asked) ? MOST_BYTES : MOST_WORDS;
    }

    private static boolean comesInParts(Request asked) {
        return isOf("multipart/form-data", asked);
    }

    private static boolean isOf(String type, Request asked) {
        String its = asked.getContentType();
        return its != null && its.toLowerCase(Locale.ROOT).startsWith(type);
    }

    /** All that came, by name; null where it can’t be read. What is said of files stands under their fields. */
    @Nullable
    Map<String, List<String>> read(Workspace workspace, Request asked, String network) throws IOException {
        if (comesInParts(asked)) {
            return readParts(workspace, asked, network);
        }
        try {
            Map<String, List<String>> sent = new HashMap<>();
            asked.getParameterMap().forEach((name, values) -> sent.put(name, Arrays.asList(values)));
            return sent;
        } catch (InvalidParameterException unreadable) {
            return null;
        }
    }

    private @Nullable Map<String, List<String>> readParts(Workspace workspace, Request asked, String network)
            throws IOException {
        if (!begins(network)) {
            return null;
        }
        try {
            Edition live = workspace.now().live();
            return parts(
                    asked,
                    workspace.site(),
                    network,
                    id -> live.find(Form.class, id).filter(f -> !f.retired() && FormUse.isPlaced(live, id)));
        } catch (Unreadable none) {
            return null;
        } finally {
            done(network);
        }
    }

    /** It can't be read as a form of this site. */
    static final class Unreadable extends IOException {
        private static final long serialVersionUID = 1L;

        Unreadable(Throwable cause) {
            super(cause);
        }

        Unreadable(String why) {
            super(why);
        }
    }

    /** Whether one more may be read in parts now; {@link #done} is said after it. */
    private boolean begins(String network) {
        if (reading.values().stream().mapToInt(Integer::intValue).sum() >= AT_ONCE) {
            return false;
        }
        if (reading.merge(network, 1, Integer::sum) > FROM_ONE) {
            done(network);
            return false;
        }
        return true;
    }

    private void done(String network) {
        reading.computeIfPresent(network, (k, n) -> n == 1 ? null : n - 1);
    }

    /** @param forms the form of an id, as far as it takes answers; it is sent first */
    private Map<String, List<String>> parts(
            Request asked, SiteId site, String network, Function<String, Optional<Form>> forms) throws IOException {
        FileUpload upload = new FileUpload();
        upload.setSizeMax(MOST_BYTES);
        upload.setFileCountMax(MOST_FILES * 10L);
        upload.setHeaderEncoding(StandardCharsets.UTF_8.name());
        Map<String, List<String>> sent = new HashMap<>();
        try {
            FileItemIterator parts = upload.getItemIterator(new ServletRequestContext(asked));
            int words = 0;
            while (parts.hasNext()) {
                FileItemStream part = parts.next();
                if (part.isFormField()) {
                    String said = new String(first(part, MOST_WORDS - words + 1), StandardCharsets.UTF_8);
                    words += said.length();
                    if (words > MOST_WORDS) {
                        throw new Unreadable("too many words");
                    }
                    add(sent, part.getFieldName(), said);
                } else if (part.getName() != null && !part.getName().isBlank()) {
                    Form form = forms.apply(one(sent, FormNames.FORM)).orElseThrow(() -> new Unreadable("no form"));
                    keep(part, site, network, form, sent);
                }
            }
            return sent;
        } catch (org.apache.tomcat.util.http.fileupload.FileUploadException | RuntimeException broken) {
            throw new Unreadable(broken);
        }
    }

    private static void add(Map<String, List<String>> sent, String name, String value) {
        sent.computeIfAbsent(name, n -> new ArrayList<>()).add(value);
    }

    private static String one(Map<String, List<String>> sent, String name) {
        return sent.getOrDefault(name, List.of()).stream().findFirst().orElse("");
    }

    private static byte[] first(FileItemStream part, long most) throws IOException {
        try (InputStream in = part.openStream()) {
            return in.readNBytes(Math.toIntExact(most));
        }
    }

    private void keep(FileItemStream part, SiteId site, String network, Form form, Map<String, List<String>> sent)
            throws IOException {
        FormField field = form.field(part.getFieldName())
                .filter(FilesField::is)
                .orElseThrow(() -> new Unreadable("no field for files"));
        byte[] bytes = first(part, FilesField.mostBytes(field) + 1);
        String ending = FileSigns.ending(part.getName(), Arrays.copyOf(bytes, Math.min(bytes.length, FileSigns.BYTES)));
        SentFile file = new SentFile("", bytes.length, ending, part.getName());
        boolean fits = FilesField.takes(field, ending) && bytes.length <= FilesField.mostBytes(field);
        int known = sent.getOrDefault(told(field), List.of()).size();
        SentFile kept = fits && known < FilesField.most(field)
                ? files.keep(new AnswerFiles.Came(site, form.id(), network, file, bytes))
                        .orElse(file)
                : file;
        add(sent, told(field), kept.text());
    }

    /** Under this what is said of files stands, until it is put where nobody else could have written it. */
    private static String told(FormField field) {
        return "\0" + field.key();
    }

    /** What came for a form, where what stands under its fields of files is said by us alone. */
    Map<String, List<String>> known(SiteId site, Form form, Map<String, List<String>> sent) {
        Map<String, List<String>> known = new HashMap<>(sent);
        form.fields().stream().filter(FilesField::is).forEach(field -> {
            List<String> told = known.getOrDefault(told(field), List.of());
            List<String> taken = new ArrayList<>();
            known.getOrDefault(FilesField.kept(field), List.of()).stream()
                    .limit(MOST_FILES)
                    .flatMap(id -> files.waiting(site, form.id(), id).stream())
                    .forEach(f -> taken.add(f.text()));
            List<String> refused = new ArrayList<>();
            told.forEach(t -> (SentFile.read(t).filter(SentFile::isTaken).isPresent() ? taken : refused).add(t));
            known.put(FilesField.kept(field), taken);
            known.put(field.key(), refused);
        });
        known.keySet().removeIf(k -> k.startsWith("\0"));
        return known;
    }
}
