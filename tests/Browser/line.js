// The line between a phone and the shop: it can be cut, answer with errors, or lose an answer after the server had the request.
import net from "node:net";

const ERROR =
  "HTTP/1.1 500 Internal Server Error\r\nContent-Length: 0\r\nConnection: close\r\n\r\n";

export class Line {
  // "up", "cut", "failing", "deaf": what is sent arrives, no answer comes back.
  state = "up";
  #sockets = new Set();

  static async to(url) {
    const { port } = new URL(url);
    const line = new Line();
    line.server = net.createServer((phone) => line.#carry(phone, Number(port)));
    await new Promise((ready) => line.server.listen(0, "127.0.0.1", ready));
    line.url = `http://127.0.0.1:${line.server.address().port}`;
    return line;
  }

  become(state) {
    this.state = state;
    this.#sockets.forEach((socket) => socket.destroy());
    this.#sockets.clear();
  }

  close() {
    this.become("cut");
    this.server.close();
  }

  #carry(phone, port) {
    phone.on("error", () => {});
    if (this.state === "cut") {
      phone.destroy();
      return;
    }
    if (this.state === "failing") {
      phone.once("data", () => phone.end(ERROR));
      return;
    }
    const shop = net.connect(port, "127.0.0.1");
    shop.on("error", () => phone.destroy());
    shop.on("close", () => phone.destroy());
    phone.on("close", () => this.state !== "deaf" && shop.destroy());
    [phone, shop].forEach((socket) => this.#sockets.add(socket));
    phone.pipe(shop);
    shop.on("data", (bytes) => (this.state === "deaf" ? phone.destroy() : phone.write(bytes)));
  }
}
