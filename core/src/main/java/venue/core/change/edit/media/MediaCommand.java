package venue.core.change.edit.media;

import venue.core.basics.item.Hash;
import venue.core.change.edit.Command;
import venue.core.model.media.Media;

/** What is done to pictures and files. */
public sealed interface MediaCommand extends Command
        permits DescribeMedia, FileMedia, FocusMedia, ReplaceMedia, ForgetEarlier, RemoveMedia, CutMedia {
    static MediaCommand fileMedia(String media, String name, String folder) {
        return new FileMedia(media, name, folder);
    }

    static MediaCommand focusMedia(String media, int x, int y) {
        return new FocusMedia(media, x, y);
    }

    static MediaCommand replaceMedia(String media, String by, boolean keep) {
        return new ReplaceMedia(media, by, keep);
    }

    static MediaCommand forgetEarlier(String media, Hash file) {
        return new ForgetEarlier(media, file);
    }

    static MediaCommand removeMedia(String media, boolean anyway) {
        return new RemoveMedia(media, anyway);
    }

    static MediaCommand cutMedia(Media part) {
        return new CutMedia(part);
    }
}
