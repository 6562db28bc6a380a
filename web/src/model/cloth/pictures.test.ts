import { expect, it } from "vitest";
import { clothAsked, clothFrom, clothTo, emptyCloth, type ClothFace } from "./cloth";
import { nameOfPicture, pictureNamed } from "./pictures";

const picture = "data:image/jpeg;base64,AAAA";

it("a picture is found again by its name, and another has another", () => {
  const name = nameOfPicture(picture);
  expect(nameOfPicture(picture)).toBe(name);
  expect(pictureNamed(name)).toBe(picture);
  expect(nameOfPicture("data:image/jpeg;base64,AAAB")).not.toBe(name);
  expect([pictureNamed("nothing"), pictureNamed(null)]).toEqual([null, null]);
});

it("a cloth is stored with its picture and asked about by the picture's name", () => {
  const face: ClothFace = { kind: "picture", ground: "#112233", ink: "", figure: "", picture };
  const cloth = { ...emptyCloth, face };
  expect(clothTo(cloth).face?.picture).toBe(picture);
  expect(clothFrom(clothTo(cloth)).face).toEqual(face);
  expect(clothAsked(cloth).face?.picture).toBe(nameOfPicture(picture));
  expect(clothAsked({ ...cloth, face: { ...face, picture: "" } }).face).not.toHaveProperty("picture");
});
