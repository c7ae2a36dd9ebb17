package lumko.app.platform;

import java.io.IOException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;

/**
 * Reads files that people send. Their size is asked before a byte is read, and only few are read at the same time, so that
 * nobody fills the memory with them. Who may send one is asked by the caller, before this.
 */
@Component
public class Uploads {
    private static final int AT_ONCE = 2;
    private static final int PATIENCE_SECONDS = 10;
    private static final long MEGABYTE = 1_000_000;

    private final Semaphore room = new Semaphore(AT_ONCE, true);
    private final Speaker speaker;

    Uploads(Speaker speaker) {
        this.speaker = speaker;
    }

    /** What a file is read into; what it cannot be is said by an {@link IllegalArgumentException}. */
    @FunctionalInterface
    public interface Reader<T> {
        T read(MultipartFile file) throws IOException;
    }

    /**
     * @param mostMegabytes that the file may have
     * @throws UploadRefusedException if it has more, or too many others are being read
     */
    public <T> T read(MultipartFile file, int mostMegabytes, Reader<T> reader) throws IOException {
        if (file.getSize() > mostMegabytes * MEGABYTE) {
            double megabytes = file.getSize() / (double) MEGABYTE;
            throw new UploadRefusedException(speaker.words()
                    .say(
                            "refused.fileLarge",
                            String.valueOf(mostMegabytes),
                            speaker.words().number(megabytes, 1)));
        }
        boolean isIn = false;
        try {
            isIn = room.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS);
            if (!isIn) {
                throw new UploadRefusedException(speaker.words().say("refused.filesAtOnce"));
            }
            return reader.read(file);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new UploadRefusedException(speaker.words().say("refused.filesAtOnce"));
        } finally {
            if (isIn) {
                room.release();
            }
        }
    }
}
