package venue.server.answer;

import java.util.List;
import java.util.Locale;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.AnswerId;
import venue.core.body.form.SentFile;
import venue.core.carry.table.Csv;
import venue.core.model.form.Form;
import venue.server.here.Here;
import venue.store.answer.Answer;
import venue.store.answer.AnswerFiles;
import venue.store.answer.Answers;
import venue.store.letter.Subscribers;

/** All that one person sent, by the address that they gave, over all forms; and the files of one answer. */
@RestController
@RequestMapping("/api/sites/{site}")
class SenderController {

    private static final List<String> HEAD = List.of("form", "number", "came", "asked", "answered", "stands");

    private final Answers answers;
    private final AnswerFiles files;
    private final Subscribers subscribers;

    SenderController(Answers answers, AnswerFiles files, Subscribers subscribers) {
        this.subscribers = subscribers;
        this.answers = answers;
        this.files = files;
    }

    /** What somebody sent, the newest first. */
    record SenderAnswers(List<AnswerRow> rows) {}

    /** Of the forms whose answers whoever asks works with. */
    @GetMapping("/senders")
    SenderAnswers sender(Here here, @RequestParam String email) {
        return new SenderAnswers(all(here, email).stream().map(AnswerRow::of).toList());
    }

    private List<Answer> all(Here here, String email) {
        return answers.of(here.site(), email.strip().toLowerCase(Locale.ROOT)).stream()
                .filter(a -> AnswersDoor.opens(here, a.form()))
                .toList();
    }

    /** The same to be handed out to them: what was asked and answered, line by line (CSV, RFC 4180). */
    @GetMapping("/senders/table")
    ResponseEntity<String> table(Here here, @RequestParam String email) {
        here.requireManager("hand out what somebody sent");
        List<List<String>> rows = new java.util.ArrayList<>();
        rows.add(HEAD);
        all(here, email)
                .forEach(a -> a.said()
                        .forEach(s -> rows.add(List.of(
                                name(here, a.form()),
                                String.valueOf(a.number()),
                                a.came(),
                                s.label(),
                                s.words(),
                                a.place() == null ? "" : a.place().stands().words()))));
        subscribers
                .of(here.site(), email)
                .forEach(s -> rows.add(List.of(
                        name(here, s.list()),
                        "",
                        s.asked(),
                        "Letters",
                        s.proof(),
                        s.stands().words())));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8;header=present"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"sent.csv\"")
                .body(Csv.write(rows));
    }

    private static String name(Here here, String form) {
        return here.working().find(Form.class, form).map(Form::name).orElse(form);
    }

    /** A file that was sent with an answer: to be kept on a disk, never shown in a browser. */
    @GetMapping("/answers/{form}/{answer}/files/{file}")
    ResponseEntity<byte[]> file(
            Here here, @PathVariable String form, @PathVariable String answer, @PathVariable String file) {
        AnswersDoor.require(here, form);
        Answer known = answers.require(here.site(), new AnswerId(answer));
        AnswersDoor.require(here, known.form());
        SentFile sent = files.of(known.id()).stream()
                .filter(f -> f.id().equals(file))
                .findFirst()
                .orElseThrow(() -> Refusal.unknown("file", file));
        byte[] bytes = files.content(known.id(), file).orElseThrow(() -> Refusal.unknown("file", file));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        org.springframework.http.ContentDisposition.attachment()
                                .filename(sent.name(), java.nio.charset.StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .header("X-Content-Type-Options", "nosniff")
                .header("Content-Security-Policy", "sandbox; default-src 'none'")
                .body(bytes);
    }
}
