const LONGEST = 1600;

/** Makes a chosen photograph smaller before it is sent; what cannot be read here is sent as it is. */
export const shrink = async (input) => {
    try {
        const image = await createImageBitmap(input.files[0], { imageOrientation: 'from-image' });
        const share = Math.min(1, LONGEST / Math.max(image.width, image.height));
        if (share === 1) {
            return;
        }
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [Math.round(image.width * share), Math.round(image.height * share)];
        canvas.getContext('2d').drawImage(image, 0, 0, canvas.width, canvas.height);
        const blob = await new Promise((done) => {
            canvas.toBlob(done, 'image/jpeg', 0.9);
        });
        const files = new DataTransfer();
        files.items.add(new File([blob], 'cloth.jpg', { type: 'image/jpeg' }));
        input.files = files.files;
    } catch {
        // The server reads it, or says what is wrong with it.
    }
};
