import { u as useSend } from './Layout_CULKZlnp.mjs';

function useStartTest() {
  const { problem, deliver } = useSend();
  const begin = (body) => {
    void deliver("POST", "/api/bench/tests", body).then((answer) => {
      if (answer) window.location.assign(`/bench/tests/${answer.data.id}`);
    });
  };
  return { problem, begin };
}

export { useStartTest as u };
