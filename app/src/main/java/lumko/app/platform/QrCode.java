package lumko.app.platform;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/** A code that a phone's camera opens, as the path of an SVG of one unit a module. */
public record QrCode(int side, String path) {
    private static final int QUIET_MODULES = 4;

    public static QrCode of(String text) {
        try {
            BitMatrix matrix = new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M,
                                    EncodeHintType.MARGIN,
                                    QUIET_MODULES));
            StringBuilder path = new StringBuilder();
            for (int y = 0; y < matrix.getHeight(); y++) {
                for (int x = 0; x < matrix.getWidth(); x++) {
                    if (matrix.get(x, y)) {
                        path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                    }
                }
            }
            return new QrCode(matrix.getWidth(), path.toString());
        } catch (com.google.zxing.WriterException tooLong) {
            throw new IllegalArgumentException("too long for a code: " + text.length() + " characters", tooLong);
        }
    }
}
